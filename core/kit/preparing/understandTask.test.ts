import { describe, expect, it } from 'vitest'
import { understandTask } from './understandTask'

describe('understandTask', () => {
  it.each([
    ['freeze ice 1 night before', { what: 'freeze ice', nights: 1, keeps: null }],
    ['sow the cress 5 days before', { what: 'sow the cress', nights: 5, keeps: 1 }],
    ['sow cress ten days before', { what: 'sow cress', nights: 10, keeps: 1 }],
    ['order card a fortnight before', { what: 'order card', nights: 14, keeps: null }],
    ['a fortnight before: order the seeds', { what: 'order the seeds', nights: 14, keeps: null }],
    ['two fortnights ahead ask for the hall', { what: 'ask for the hall', nights: 28, keeps: null }],
    [
      '10 school days ahead order washers',
      { what: 'order washers', nights: 10, due: 'school-days', keeps: null },
    ],
    [
      'save bottles three working days before',
      { what: 'save bottles', nights: 3, due: 'school-days', keeps: null },
    ],
    ['soak beans 24 h before', { what: 'soak beans', nights: 1, keeps: 0 }],
    ['soak 6 hours before', { what: 'soak', nights: 1, keeps: 0 }],
    ['soak the peas 2 hrs before', { what: 'soak the peas', nights: 0, keeps: 0 }],
    ['half an hour before, warm the water', { what: 'warm the water', nights: 0, keeps: 0 }],
    ['soak beans overnight', { what: 'soak beans', nights: 1, keeps: 0 }],
    ['label cups', { what: 'label cups', nights: 0, keeps: null }],
    ['order card two weeks ahead', { what: 'order card', nights: 14, keeps: null }],
    ['order card a week before', { what: 'order card', nights: 7, keeps: null }],
    ['ask for the hall a month in advance', { what: 'ask for the hall', nights: 30, keeps: null }],
    ['sow twenty-one days before', { what: 'sow', nights: 21, keeps: 1 }],
    ['wipe the tables on the day', { what: 'wipe the tables on the day', nights: 0, keeps: null }],
    ['charge the lamps the day before', { what: 'charge the lamps', nights: 1, keeps: null }],
    [
      'ask for the hall the Friday before',
      { what: 'ask for the hall', nights: 5, due: 'weekday', keeps: null },
    ],
    ['on Monday put the clips out', { what: 'put the clips out', nights: 1, due: 'weekday', keeps: null }],
    ['water the pots every other day', { what: 'water the pots', nights: 2, due: 'every', keeps: null }],
    ['water the pots daily', { what: 'water the pots', nights: 1, due: 'every', keeps: null }],
    ['turn the trays every 3 days', { what: 'turn the trays', nights: 3, due: 'every', keeps: null }],
    ['change the water once a week', { what: 'change the water', nights: 7, due: 'every', keeps: null }],
    [
      'soak the beans for 24 hours',
      { what: 'soak the beans for 24 hours', nights: 1, keeps: 0, exact: true },
    ],
    [
      'put the clips 2 days in water',
      { what: 'put the clips 2 days in water', nights: 2, keeps: 0, exact: true },
    ],
    [
      'leave the chalk in vinegar for three days',
      { what: 'leave the chalk in vinegar for three days', nights: 3, keeps: 0, exact: true },
    ],
    ['stir the glue for 10 minutes', { what: 'stir the glue for 10 minutes', nights: 0, keeps: null }],
    ['freeze the ice for two nights', { what: 'freeze the ice for two nights', nights: 2, keeps: null }],
    ['warm the room 1 hour before', { what: 'warm the room', nights: 0, keeps: 0 }],
  ])('%j', (text, task) => expect(understandTask(text)).toEqual({ ok: true, task }))

  it.each([
    ['', /Type what to do/],
    ['  ', /Type what to do/],
    ['3 days before', /What is to be done/],
    ['x'.repeat(200), /too long/],
    ['freeze 900 days before', /too long before/],
    ['sow the cress some time before', /When is that/],
    ['order card well in advance', /When is that/],
    ['get the tubs ready a few days ahead', /When is that/],
  ])('%j is told what to type, and never put on the lesson’s day', (text, message) => {
    const read = understandTask(text)
    expect(read.ok ? JSON.stringify(read.task) : read.message).toMatch(message)
  })
})
