/** Which room of web/src may know which: each those before it, and itself. */
const ROOMS = [
  ['messages'],
  ['contract'],
  ['api'],
  ['judge'],
  ['sync'],
  ['shared'],
  ['figures'],
  ['ui'],
  ['stores'],
  ['frame'],
  ['plateau', 'letters', 'charts', 'weighup', 'summary', 'account', 'team', 'exchange'],
  ['instruments'],
  ['people', 'bench'],
  ['views'],
]

const later = (place) => ROOMS.slice(place + 1).flat()
const beside = (place, room) => ROOMS[place].filter((other) => other !== room)
const inside = (rooms) => `^web/src/(${rooms.join('|')})/`

module.exports = {
  forbidden: [
    ...ROOMS.flatMap((row, place) =>
      row.map((room) => ({
        name: `what ${room} may know`,
        severity: 'error',
        from: { path: inside([room]) },
        to: { path: inside([...beside(place, room), ...later(place)]) },
      })),
    ).filter(({ to }) => !to.path.includes('()')),
    ...ROOMS.flat()
      .map((room) => ({
        name: `${room} shows its own messages`,
        severity: 'error',
        from: { path: inside([room]) },
        to: {
          path: '^web/src/messages/',
          pathNot: `^web/src/messages/(${room === 'views' ? 'views|today' : room})\\.`,
        },
      }))
      .filter(({ name }) => !name.startsWith('messages')),
    { name: 'all found', severity: 'error', from: {}, to: { couldNotResolve: true, path: '^web/|^\\.|^@/' } },
    { name: 'no circle', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'nothing alone',
      severity: 'error',
      from: { orphan: true, pathNot: '\\.d\\.ts$|^web/src/(main|page)\\.ts$' },
      to: {},
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsConfig: { fileName: 'tsconfig.json' },
    tsPreCompilationDeps: true,
  },
}
