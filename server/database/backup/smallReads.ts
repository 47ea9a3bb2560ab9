/**
 * How archives are read and packed beside a program that is in use: a piece is compressed or unpacked in one go, in which nobody is
 * answered. Half a megabyte takes a few milliseconds, the usual sixteen a quarter of a second.
 */
export const smallReads = { maxReadSize: 128 * 1024 }
