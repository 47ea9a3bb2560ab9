import { word, type StarterBackground } from '../starter'

export const background: StarterBackground = {
  goal: 'We can change the lamp’s distance and explain how a shadow gets longer or shorter.',
  science:
    'Light travels in straight lines. Where a thing stands in its way there is a shadow: a place that gets less light. The lower the light comes in, the longer the shadow; a lamp that stays at one height and moves away sends its light in lower.',
  misconceptions:
    'Children often think that a shadow is a reflection or belongs to the thing, or that a shadow is only there in sunshine. Many draw a face in it.',
  questions:
    'Where must the lamp be to make the shadow very short? When is your own shadow longest, and why? Does the shadow change if the post is another colour?',
  surprises: 'The shadow grows evenly: each step of the lamp away adds about as much as the step before.',
  words: [
    word(
      'shadow',
      [
        'a dark shape where light can’t get',
        'the dark place behind a thing that stands in the light',
        'a place that gets less light because something blocks it',
      ],
      'Mark the end of the shadow with a pencil.',
    ),
    word(
      'light source',
      ['something that shines', 'something that gives out light', 'something that makes light of its own'],
      'The lamp is our light source.',
    ),
    word(
      'opaque',
      [
        'you can’t see through it',
        'letting no light through',
        'letting no light through, so that it casts a shadow',
      ],
      'The post is opaque.',
    ),
    word(
      'block',
      ['to stop', 'to stop something from getting through', 'to keep light from passing'],
      'The post blocks the light.',
    ),
    word(
      'distance',
      ['how far away', 'how far one thing is from another', 'the length between two places'],
      'We changed the distance of the lamp.',
    ),
  ],
}
