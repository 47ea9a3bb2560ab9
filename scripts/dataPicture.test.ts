import { expect, it } from 'vitest'
import { dataPicture, writtenPicture } from './dataPicture'

it('the picture of the data shows the tables that there are (npm run data-picture)', () => {
  expect(writtenPicture()).toBe(dataPicture())
})
