import { itemAt, defined } from '#core/defined'

const files = import.meta.glob<string>('#starters/*/drawing.svg', {
  query: '?inline',
  import: 'default',
  eager: true,
})

/** The picture of each starter, written into the page: they are small, and fifteen requests are not. */
export const starterPictures = new Map(
  Object.entries(files).map(([file, picture]) => [
    itemAt(defined(/([\w-]+)\/drawing\.svg$/.exec(file)), 1),
    picture,
  ]),
)
