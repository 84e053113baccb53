export { readEnvelope, writeEnvelope, type FileKind, type FileProblem } from './envelope';
