import { type Sight } from '@/model';
import { tellOf } from '../../check/tell';
import { type MakeTool } from './tool';

/** Shows where in the frame something of the last shot was seen. */
export const sightTool =
  (what: Sight): MakeTool =>
  (open) => ({
    cursor: 'crosshair',
    tap: ({ at }) => {
      tellOf(open, { what, at });
      open.session.getState().setShowing(false);
    },
  });
