/** A short page on something that people do. */
export interface GuidePage {
  readonly id: string
  readonly title: string
  /** Markdown. */
  readonly text: string
  readonly examples: readonly string[]
}

/** The pages on acts, in the order in which people come to need them. */
export const GUIDE_PAGES: readonly GuidePage[] = [
  {
    id: 'calculate',
    title: 'Try a calculation',
    text: `Write it on the **scratch line** at the foot of the page (\`Alt S\`): the answer stands there while you type, and its working in the lens. \`Enter\` keeps it on the **tape**. \`Up\` brings back earlier lines, those that begin with what you have typed. From the tape a line can be put into the selected cell, as its formula or as its value with all digits.

A calculation in a cell begins with \`=\`. Without it the cell keeps a text, and the composer offers to calculate it.`,
    examples: ['5+2*3', '(5+2)*3', '2^3^2', '-2^2', '50 div 8', '50 mod 8', '1/3+1/6'],
  },
  {
    id: 'precedence',
    title: 'Which operation comes first',
    text: `From the tightest to the loosest: brackets, \`!\` and \`%\`, powers from the right, signs, multiplying and dividing, \`mod\` and \`div\`, adding and subtracting, \`to\`, comparisons. The **working** in the lens goes through them one by one; \`Alt W\` shows the next step and marks the part it works on.`,
    examples: ['2+3*4', '100-20/2^2', '3!+4', '10%*50', '2*3=6'],
  },
  {
    id: 'cells',
    title: 'Put values in a grid and calculate from them',
    text: `Select a cell and type. \`Enter\` keeps and goes down, \`Tab\` keeps and goes right, \`Esc\` leaves the cell as it was. While a formula is written, a click or an arrow key behind a sign points at a cell, dragging or \`Shift\` with arrows at a range. \`Alt 4\` sets the \`$\` that keep a row or column fixed.

A calculated cell has a small \`=\` at its left edge and its value is teal; a typed one has neither. The lens says so in words. Clearing a calculated cell that others use tells which of them are affected, with one act to go back.`,
    examples: ['sum(3, 4, 5)', 'mean(2, 4, 9)', 'round(2.345, 2)'],
  },
  {
    id: 'names',
    title: 'Name values',
    text: `\`Alt N\` names the selected cells. An entry \`price = 5\` names its own cell. **Name the values by their labels** in the finder names several at once by the texts beside or above them. Under **Names** on the left every name stands with its value; there it can be renamed, and all formulas follow. A name that is a function, a cell's address or another name is refused while it is typed.`,
    examples: [],
  },
  {
    id: 'repeat',
    title: 'Continue a formula or a pattern',
    text: `Select a formula, or the first values of a pattern, and press \`Alt Down\` or \`Alt Shift Right\`, or drag the round grip at the corner of the selection. Formulas are copied with their references; numbers go on by their difference or ratio, dates by days or months, weekdays and months by name, texts by the number at their end.

**Make a series** in the finder asks for first value, step and end. **Fill the table from its headings** fills a table from the formula in its first inner cell.`,
    examples: [],
  },
  {
    id: 'follow',
    title: 'Change a value and see what follows',
    text: `After each change the foot of the page says what followed, and the changed cells are marked until the next one. \`Alt E\` opens the list with the values before and after; each line jumps to its cell. \`Alt A\` draws arrows from what feeds the selected cell and to what it feeds.`,
    examples: [],
  },
  {
    id: 'count',
    title: 'Count orders and choices',
    text: `In which order, with or without repeats, all at once or some of them: every count is exact, however large, and its working shows the formula behind it.`,
    examples: ['permutations(9, 4)', 'combinations(15, 7)', '7!/(3!*2!*2!)', '20!', 'combinationsrep(9, 4)'],
  },
  {
    id: 'units',
    title: 'Numbers with units',
    text: `Write the unit behind the number: \`9.8 m/s²\`. Units go through calculations, and unlike ones are not added. \`to\` converts. The lens shows a quantity in the other units that people use for it. Speed times time is a way, \`45 mph * 2 h\`: short forms such as \`mph\` or \`kWh\` are spelled out where a part of them goes away.

Money is converted with sample rates that are made up. **Rates between currencies** in the finder changes them for all worksheets.`,
    examples: ['2 L to cup', '100 km/h to m/s', '45 mph * 2 h', '5 kg + 300 g', '20 °C to °F', 'sin(30°)'],
  },
  {
    id: 'styles',
    title: 'How numbers look',
    text: `A number style changes the look and never the value. Choose one in the lens or in the finder, for cells or whole columns; the settings hold one for the whole worksheet, the decimal mark and grouping too. **Copy** takes all digits; **Copy as shown** warns where that loses some.`,
    examples: ['7/3', '2/7', '1e20/3'],
  },
  {
    id: 'errors',
    title: 'When there is no value',
    text: `An error says what is wrong, where, and often what to do, with a button or \`Alt Enter\` to accept; so does a hint on what people often mean otherwise. A cell that only waits for another says for which; the lens leads through the chain to the first cause.`,
    examples: ['1/0', '5 kg + 3 m', 'sum(1, 2'],
  },
  {
    id: 'tabulate',
    title: 'Tabulate',
    text: `\`Alt Shift V\` makes a grid of what an expression, or a calculated cell, is worth for each value of a variable: from and to with a step or a count, or the values of cells anywhere. The variable is a name in the expression, or an input cell that it depends on. A second variable makes a two-way table. The formulas are live, and the table follows when the expression, or a formula on the way to it, changes.`,
    examples: ['series(0, 2, step: 0.5)', 'spaced(0, 1, 5)'],
  },
  {
    id: 'chart',
    title: 'Chart',
    text: `Select columns, the first of them what goes across, and choose **+ Chart of the selection**. The lens has its settings, and the finder each of them too: points, line, steps, bars, shares, histogram, boxes; a two-way table also as surface, contours or coloured table. **Draw a curve** in the finder draws an expression of x, or two of a parameter. Headings name the series; a unit in a heading (\`Time, min\`) or in the values goes to the axis.

A **fit** lays a line, a polynomial, an exponential, settling, power, logarithmic or logistic curve through the points, and puts its coefficients and residuals into a grid. Labels, arrows, formulas and tangents are dragged or moved with the arrow keys, and stay with their data.`,
    examples: ['linearfit({3; 5; 7}, {1; 2; 3})', 'rsquared({3; 5; 7.1}, {1; 2; 3})'],
  },
  {
    id: 'look',
    title: 'Look closely at a chart',
    text: `\`Ctrl\` and the wheel, or **+** and **−**, look closer; dragging moves along, **show all** comes back. A click on a point selects its cell, a box drawn around points their range; selected cells have rings on the chart. With the keyboard on the chart, arrow keys walk through the points, parts, bins or values and \`Enter\` goes to the cell; a surface is turned by them, and walked through with \`Shift\`.

**Earlier looks** under a selected chart show how it was: \`Alt ,\` and \`Alt .\` step through them, two stand side by side or one over the other, and one can be brought back. **Run through** in the lens lets a named value run from one value to another, and the chart with it; nothing of that is kept. **Hand over** gives the chart as SVG, PNG or CSV, copies or prints it.`,
    examples: [],
  },
  {
    id: 'page',
    title: 'Sections, notes and blocks',
    text: `A worksheet reads from top to bottom. Sections and subsections fold. Notes take **bold**, *italic*, lists, and formulas between dollar signs: $\\frac{a}{b}$. Blocks are moved by the hold at their corner or with \`Alt PageUp\` and \`Alt PageDown\`, and may stand side by side. Typing just beyond the edge of a grid adds a row or column.`,
    examples: [],
  },
  {
    id: 'move',
    title: 'Move, copy, insert',
    text: `Drag the edge of a selection to move cells; drag selected row numbers or column letters to move lines. By key: \`Alt M\`, arrows, \`Enter\`. \`Alt I\` puts rows in, \`Alt Shift I\` columns, \`Alt Delete\` takes rows out. References follow. To and from other programs cells go as a table.`,
    examples: [],
  },
  {
    id: 'history',
    title: 'Nothing is lost',
    text: `Every change is kept when it is made. Undo reaches back past a reload. The **history** (\`Alt H\`) lists every change; each earlier state can be looked at, compared with now, and brought back. A deleted worksheet can be brought back as well.`,
    examples: [],
  },
]
