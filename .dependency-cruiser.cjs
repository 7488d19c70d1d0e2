/** Cycles, and the arrows between the rooms of `bench` that ESLint's patterns cannot express. */
module.exports = {
  forbidden: [
    { name: 'no-cycles', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'core-stays-apart',
      severity: 'error',
      from: { path: '^src/core' },
      to: { path: '^src/(server|bench|ui|app|gauges)' },
    },
    {
      name: 'one-room-at-a-time',
      severity: 'error',
      from: { path: '^src/bench/([^/]+)/' },
      to: {
        path: '^src/bench/([^/]+)/',
        pathNot: ['^src/bench/$1/', '^src/bench/(record|frame|gauge|sizes)/'],
      },
    },
  ],
  options: {
    tsConfig: { fileName: 'tsconfig.json' },
    tsPreCompilationDeps: true,
    doNotFollow: { path: 'node_modules' },
  },
};
