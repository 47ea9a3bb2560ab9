<template><VMain><VBtn color="primary">Hello</VBtn></VMain></template>
