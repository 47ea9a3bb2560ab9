/** The teachers of Tidewick School. The demo says on its first page how to come in. */
export const schoolName = 'Tidewick School'
export const firstTeacher = { name: 'Ms Thorne', passphrase: 'apple pencil window' }
export const secondTeacher = { name: 'Mr Ashby', passphrase: 'kettle meadow seven' }
