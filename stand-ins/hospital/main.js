import { control, serve } from '../control.js'
import { hospital } from './server.js'

/** `main.js PORT run FILE` runs the stand-in; `main.js PORT name=value …` tells the one that runs. */
const [port, ...words] = process.argv.slice(2)

if (words[0] === 'run') serve(hospital({ file: words[1] ?? 'hospital.json' }), port, 'hospital')
else await control(port, words, 'bin/hospital')
