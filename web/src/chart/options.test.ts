import { expect, test } from 'vitest'
import type { ChartData, Shape } from '../api/types'
import { optionsOf } from './options'

const data = (shape: Shape): ChartData => ({
  title: 'Curve',
  across: { title: 'time', scale: { least: 0, most: 10, ticks: [0, 5, 10].map((at) => ({ at, label: `${at}` })) } },
  up: { title: 'heat', scale: { least: 0.1, most: 0.3, ticks: [0.1, 0.2, 0.3].map((at) => ({ at, label: `${at}` })) } },
  legend: true,
  series: [
    {
      name: 'Reading',
      cells: 'B1:B3',
      shape,
      points: [
        { across: 0, up: 0.1, acrossText: '0', upText: '0.1' },
        { across: 5, up: null, acrossText: '5', upText: '' },
      ],
    },
  ],
  summary: '',
})

test.each([
  ['POINTS', 'scatter', 'circle'],
  ['LINE', 'line', 'none'],
  ['POINTS_AND_LINE', 'line', 'circle'],
] as const)('%s is drawn as %s with the symbol %s', (shape, type, symbol) => {
  expect(optionsOf(data(shape))).toMatchObject({ series: [{ type, symbol, name: 'Reading' }] })
})

test('the axes are those the core worked out, and a missing point is a gap', () => {
  expect(optionsOf(data('LINE'))).toMatchObject({
    xAxis: { name: 'time', min: 0, max: 10, interval: 5 },
    yAxis: { min: 0.1, max: 0.3 },
    series: [
      {
        data: [
          [0, 0.1],
          [5, null],
        ],
        connectNulls: false,
      },
    ],
  })
})
