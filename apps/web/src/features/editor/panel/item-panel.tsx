/** The panel for one selected item: only what applies to it. */
import {
  canBePiece,
  canCarryLink,
  type Item,
  itemKinds,
  nameOf,
  setFrames,
  setLayer,
  setLoose,
  setOnLayout,
  type SlideId,
} from '@gobrel/core/deck';
import { BackdropIcon, PieceIcon } from '../../../shared/drawings';
import { Choose } from '../../../shared/ui';
import { messages } from '../../../shared/messages';
import { useDesk } from '../state/desk';
import type { Editing } from '../state/editing';
import { ActionRow } from './action-row';
import { AppearsGroup } from './appears-group';
import { ArrangeButtons } from './arrange-buttons';
import { KindSettings } from './kind-settings';
import { LinkGroup } from './link-group';
import { FoldedGroup, Group, NumberField } from './parts';
import { PieceGroup, QuestionGroups } from './questions';
import { ViewpointFrom } from './viewpoint-group';

/** What an item is for students. */
type Standing = 'backdrop' | 'fixed' | 'piece';

interface ItemPanelProps {
  readonly editing: Editing;
  readonly item: Item;
  readonly onPickLink: () => void;
  readonly onGo: (slideId: SlideId) => void;
}

export function ItemPanel({ editing, item, onPickLink, onGo }: ItemPanelProps) {
  const { deck, run } = editing;
  const typing = useDesk((desk) => desk.typingIn === item.id);
  const standing: Standing = item.layer === 'backdrop' ? 'backdrop' : item.loose ? 'piece' : 'fixed';
  const standingIcon = standing === 'backdrop' ? BackdropIcon : standing === 'piece' ? PieceIcon : undefined;
  const canBeLoose = canBePiece(item);
  const setStanding = (next: Standing) => {
    if (next === 'backdrop') run(setLayer(deck, [item.id], 'backdrop'));
    else if (standing === 'backdrop') run(setLayer(deck, [item.id], 'slide'));
    else run(setLoose(deck, [item.id], next === 'piece'));
  };
  const place = (side: 'x' | 'y' | 'width' | 'height' | 'rotation') => (value: number) =>
    run(setFrames(deck, { [item.id]: { ...item.frame, [side]: value } }));
  const options: { value: Standing; name: string }[] = [
    { value: 'backdrop', name: messages.editor.backdrop },
    { value: 'fixed', name: messages.editor.fixed },
    ...(canBeLoose ? [{ value: 'piece' as const, name: messages.editor.aPiece }] : []),
  ];
  return (
    <>
      <h2 className="pe-8 text-lg">{nameOf(item) || messages.kinds[item.kind]}</h2>
      <p className="mb-1 text-sm text-soft empty:hidden">{nameOf(item) ? messages.kinds[item.kind] : ''}</p>
      {item.layer === 'slide' ? <ActionRow editing={editing} ids={[item.id]} /> : null}
      {canCarryLink(item) || item.link ? (
        <LinkGroup editing={editing} item={item} ids={[item.id]} onWords={typing} onPick={onPickLink} onGo={onGo} />
      ) : null}
      {itemKinds[item.kind].canBeLoose || item.layer === 'backdrop' ? (
        <Group title={messages.editor.forStudents} icon={standingIcon}>
          <Choose label={messages.editor.forStudents} value={standing} options={options} onChange={setStanding} />
          {standing === 'backdrop' ? (
            <>
              <p className="mt-1 text-sm text-soft">{messages.editor.backdropHint}</p>
              <div className="mt-2">
                <Choose
                  label={messages.editor.backdropOf}
                  value={item.onLayout ? 'layout' : 'slide'}
                  options={[
                    { value: 'slide', name: messages.editor.backdropOfSlide },
                    { value: 'layout', name: messages.editor.backdropOfLayout },
                  ]}
                  onChange={(of) => run(setOnLayout(deck, [item.id], of === 'layout'))}
                />
              </div>
            </>
          ) : null}
        </Group>
      ) : null}
      {item.loose ? <PieceGroup editing={editing} item={item} pieceId={item.id} ids={[item.id]} /> : null}
      <div className="mb-4 empty:hidden">
        <QuestionGroups editing={editing} item={item} />
      </div>
      <KindSettings editing={editing} item={item} />
      {itemKinds[item.kind].isSeen && item.layer === 'slide' ? (
        <ViewpointFrom editing={editing} ids={[item.id]} />
      ) : null}
      {item.layer === 'slide' && item.kind !== 'line' ? (
        <FoldedGroup
          id="place"
          title={messages.editor.place}
          says={messages.editor.placeSays({ x: item.frame.x, y: item.frame.y })}
        >
          <div className="grid grid-cols-2 gap-1.5">
            <NumberField label={messages.editor.fromLeft} value={item.frame.x} onChange={place('x')} />
            <NumberField label={messages.editor.fromTop} value={item.frame.y} onChange={place('y')} />
            <NumberField label={messages.editor.wide} value={item.frame.width} least={8} onChange={place('width')} />
            <NumberField label={messages.editor.high} value={item.frame.height} least={8} onChange={place('height')} />
            <NumberField
              label={messages.editor.turned}
              value={item.frame.rotation}
              least={0}
              most={359}
              onChange={place('rotation')}
            />
          </div>
        </FoldedGroup>
      ) : null}
      {item.layer === 'slide' ? (
        <FoldedGroup id="arrange" title={messages.editor.arrange}>
          <ArrangeButtons editing={editing} ids={[item.id]} />
        </FoldedGroup>
      ) : null}
      {itemKinds[item.kind].isSeen && item.layer === 'slide' ? (
        <FoldedGroup
          id="appears"
          title={messages.editor.appears}
          says={
            item.appears === 0 ? messages.editor.appearsAtOnce : messages.editor.appearsWith({ step: item.appears })
          }
        >
          <AppearsGroup editing={editing} item={item} />
        </FoldedGroup>
      ) : null}
    </>
  );
}
