import { roleOfPlace } from '../../read/role-of-place';
import { typeMetered } from '../../read/metered-field';
import { type MakeTool } from './tool';

/** Says where the reading that is being entered lies; its time is then asked for. */
export const placeTool: MakeTool = ({ kept, answer, session }) => ({
  cursor: 'crosshair',
  tap: ({ at }) => {
    const { draft, setDraft, select } = session.getState();
    const { stand } = kept.state.getState().value;
    select(null);
    setDraft({
      role: roleOfPlace(draft.role, at, stand, answer.getState().derived),
      place: at,
      again: null,
    });
    typeMetered();
  },
});
