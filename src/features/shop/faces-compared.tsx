'use client';

import { useMemo, useState } from 'react';
import { allFaces, shownFaces, useFaceRows, useLengths, useUnits } from '@/client';
import { type Material, type OwnFace, processOf, isCut } from '@/core/shop';
import { type FaceFilter, type FaceOrder, bestFace } from '@/core/suits';
import { facesSentence } from '@/core/sentences';
import type { ShopThingView, TextsToTry } from '@/services';
import { FaceNeedFields } from './face-need-fields';
import { FaceTable } from './face-table';
import { MakeLettering } from './make-lettering';

/** The names of a run that tell most of a face. */
export interface NamesToTry extends TextsToTry {
  readonly runId: string;
}

interface FacesComparedProps {
  readonly faces: readonly ShopThingView<OwnFace>[];
  readonly materials: readonly ShopThingView<Material>[];
  readonly runs: readonly { readonly id: string; readonly title: string }[];
  readonly names: NamesToTry | null;
}

/** What is tried while no run is looked at: long, short, accented, with a year. */
const TRIED = ['Gwendolen', 'Bo', 'Åse Jørn', '1898'];

export function FacesCompared({ faces, materials, runs, names }: FacesComparedProps) {
  const { unit } = useLengths();
  const units = useUnits();
  const films = useMemo(() => materials.filter(({ value }) => isCut(processOf(value)) && !value.open), [materials]);
  const [own, setOwn] = useState<readonly string[]>(TRIED);
  const [filmId, setFilmId] = useState(() => filmToTry(films, names)?.id ?? '');
  const [letterHeightMm, setLetterHeight] = useState(15);
  const [order, setOrder] = useState<FaceOrder>('suits');
  const [filter, setFilter] = useState<FaceFilter>({ kind: 'all', onlyFaultless: false });
  const film = films.find(({ id }) => id === filmId);
  const texts = names?.texts ?? own;
  const need = useMemo(
    () => ({ texts, letterHeightMm, finest: film?.value.finest ?? NOTHING_ASKED, roomMm: names?.roomMm }),
    [texts, letterHeightMm, film, names],
  );
  const all = useMemo(() => allFaces(faces), [faces]);
  const { rows, numToCome, numFailed } = useFaceRows(
    all.map(({ key }) => key),
    need,
  );
  const shown = useMemo(() => shownFaces(rows, all, { filter, order, need }), [rows, all, filter, need, order]);
  const best = bestFace(shown, need);
  return (
    <>
      <FaceNeedFields
        runs={runs}
        runId={names?.runId ?? null}
        texts={texts}
        onTexts={setOwn}
        films={films}
        filmId={filmId}
        onFilm={setFilmId}
        unit={unit}
        letterHeightMm={letterHeightMm}
        onLetterHeight={setLetterHeight}
        order={order}
        onOrder={setOrder}
        filter={filter}
        onFilter={setFilter}
      />
      <output className="my-2 flex min-h-10 flex-wrap items-center gap-4 border-l-4 border-verdigris bg-paper px-3 py-1.5">
        <span className="flex-1">
          {facesSentence({ need, numAll: all.length, numToCome, numFailed, numShown: shown.length, best }, units)}
        </span>
        {numToCome === 0 && best && <MakeLettering face={best} need={need} />}
      </output>
      <FaceTable faces={shown} need={need} />
    </>
  );
}

/** What the run is cut from, if the shop has it. */
function filmToTry(films: FacesComparedProps['materials'], names: NamesToTry | null) {
  return films.find(({ id }) => names?.materialIds.includes(id)) ?? films.at(0);
}

const NOTHING_ASKED = { strokeMm: 0, gapMm: 0, holeMm: 0 };
