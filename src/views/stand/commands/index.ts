export { useFrameCommands } from './use-frame-commands';
export { useGlassCommands } from './use-glass-commands';
export { useOutCommands } from './use-out-commands';
export { useReadCommands } from './use-read-commands';
