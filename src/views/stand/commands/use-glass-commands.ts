import { useMemo } from 'react';
import {
  type Bag,
  choose,
  filtersAtHand,
  fitsHolder,
  isSheet,
  putFitted,
  SCHOOLS,
  setOf,
  type Stand,
  withSchool,
  withSheets,
} from '@/model';
import { type Command, useCommands } from '@/ui/commands';
import { filterName, LOOK_NAMES, COMMANDS_TEXT } from '@/words';
import { useEdit, useOpenStand, useStand, useStandBag } from '../session';

/** Looks, sheets and what sits before the lens, to be had from the palette by their names. */
export function useGlassCommands(): void {
  const open = useOpenStand();
  const edit = useEdit();
  const bag = useStandBag();
  const fitted = useStand((s) => s.fitted);
  const hasChoice = useStand((s) => s.choice !== undefined);
  const commands = useMemo((): Command[] => {
    const putOn = (id: string) =>
      edit((s) => withSheets(s, open.answer.getState().derived.prepared, setOf(bag, [id])));
    return [
      ...SCHOOLS.map((school) => ({
        name: `Look: ${LOOK_NAMES[school]}`,
        also: 'school gap keep sky',
        run: () => edit((s) => withSchool(s, school)),
      })),
      ...sheetsOf(bag).map((sheet) => ({
        name: `Put on ${filterName(sheet)}`,
        also: 'grad sheet glass fit choose',
        run: () => putOn(sheet.id),
      })),
      ...(hasChoice
        ? [
            {
              name: COMMANDS_TEXT.letGlassSeatFollow,
              also: 'computed advice automatic',
              run: () => edit((s) => choose(s, undefined)),
            },
          ]
        : []),
      ...othersOf(bag).map((filter) => {
        const isOn = !!fitted?.some((f) => f.filterId === filter.id);
        return {
          name: `${isOn ? 'Take off' : 'Put on'} ${filterName(filter)}`,
          also: 'nd neutral density polariser filter',
          run: () => edit((s: Stand) => putFitted(s, filter.id, !isOn)),
        };
      }),
    ];
  }, [bag, edit, fitted, hasChoice, open]);
  useCommands('Glass', commands);
}

const sheetsOf = (bag: Bag) => filtersAtHand(bag).filter((f) => isSheet(f) && fitsHolder(f, bag.holder));
const othersOf = (bag: Bag) => filtersAtHand(bag).filter((f) => !isSheet(f));
