import { type MakeTool } from './tool';

/** Shows the frame without the grad for as long as it is pressed. */
export const bareTool: MakeTool = ({ session }) => {
  const { setBare } = session.getState();
  const release = () => setBare(false);
  return { cursor: 'default', press: () => setBare(true), tap: release, end: release, cancel: release };
};
