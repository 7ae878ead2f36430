import { memo } from 'react'
import type { ChartData } from '../api/types'
import { withUnit } from '../chart/withUnit'

/** So many rows are enough to be read aloud; the cells have all of them. */
const MOST_ROWS = 200

/** The chart for those who do not see it: some sentences, and what is drawn as tables. */
export const Spoken = memo(function Spoken({ data }: { readonly data: ChartData }) {
  return (
    <div className="spoken">
      <p>{data.summary}</p>
      {data.table && (
        <table>
          <caption>{data.table.height.title || data.title}</caption>
          <thead>
            <tr>
              <td />
              {data.table.across.map((across) => (
                <th key={across.at} scope="col">
                  {withUnit(across.label, data.across.unit)}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {data.table.texts.map((row, index) => (
              <tr key={index}>
                <th scope="row">{withUnit(data.table?.up[index]?.label ?? '', data.up.unit)}</th>
                {row.map((text, column) => (
                  <td key={column}>{text}</td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {data.bins && (
        <table>
          <caption>{data.title}</caption>
          <thead>
            <tr>
              <th scope="col">from</th>
              <th scope="col">to</th>
              {data.series.map((series) => (
                <th key={series.source} scope="col">
                  {series.name}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {data.bins.edges.slice(1).map((to, bin) => (
              <tr key={to.at}>
                <td>{data.bins?.edges[bin]?.label}</td>
                <td>{to.label}</td>
                {data.bins?.counts.map((counts, index) => (
                  <td key={index}>{counts[bin]}</td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {data.boxes.length > 0 && (
        <table>
          <caption>{data.title}</caption>
          <thead>
            <tr>
              {['', 'least', 'lower quartile', 'median', 'upper quartile', 'greatest', 'far out'].map((says) => (
                <th key={says} scope="col">
                  {says}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {data.boxes.map((box, index) => (
              <tr key={index}>
                <th scope="row">{data.across.scale.ticks[index]?.label}</th>
                <td>{box.least.label}</td>
                <td>{box.lower.label}</td>
                <td>{box.median.label}</td>
                <td>{box.upper.label}</td>
                <td>{box.most.label}</td>
                <td>{box.farOut.map(({ label }) => label).join(', ')}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {!data.bins &&
        data.series.map((series, index) => (
          <table key={index}>
            <caption>{series.name}</caption>
            <thead>
              <tr>
                <th scope="col">{data.across.title || 'across'}</th>
                <th scope="col">{data.up.title || 'up'}</th>
                {series.share.length > 0 && <th scope="col">share</th>}
              </tr>
            </thead>
            <tbody>
              {series.points.slice(0, MOST_ROWS).map((point, at) => (
                <tr key={at}>
                  <td>{point.acrossText}</td>
                  <td>{point.upText}</td>
                  {series.share.length > 0 && <td>{series.share[at]}</td>}
                </tr>
              ))}
            </tbody>
          </table>
        ))}
    </div>
  )
})
