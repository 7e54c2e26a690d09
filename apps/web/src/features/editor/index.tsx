/** The editor: the slide in the middle, its routes at its edges, the running order below. */
import {
  addSlideFrom,
  isOneOf,
  type ItemId,
  type LayoutName,
  newId,
  type SlideId,
  slidesInOrder,
  slidesToClip,
} from '@gobrel/core/deck';
import { ownPages } from '@gobrel/core/lesson';
import { lazy, Suspense, useCallback, useDeferredValue, useEffect, useState } from 'react';
import { useParams, useSearchParams } from 'react-router';
import { HandOutDialog } from '../lessons';
import { ShareDialog } from '../sharing';
import { type OpenDocument, useDocument, useStatus } from '../../shared/sync';
import { KeepTemplateDialog, TemplateDialog } from '../library';
import { KeysSheet, Loading, Tabs, usePageTitle } from '../../shared/ui';
import { messages } from '../../shared/messages';
import { openPanelTab, panelTabs, select, useDesk } from './state/desk';
import { CheckNote } from './check/check-note';
import { nameOfCheck } from './check/name-of-check';
import { CheckPanel } from './check/check-panel';
import { useCheck, useDeckCheck } from './check/use-deck-check';
import { type EditorDialog, EditorHeader } from './editor-header';
import { type Editing, useEditing } from './state/editing';
import { useFormulas } from './formulas/use-formulas';
import { endInk } from './ink/inking';
import { LinkDialog } from './links/link-dialog';
import { NotOpen } from './not-open';
import { Palette } from './palette/palette';
import { TrySlide } from './questions/try-slide';
import { ItemPanel } from './panel/item-panel';
import { ItemsList } from './panel/items-list';
import { SeveralPanel } from './panel/several-panel';
import { SidePanel } from './panel/side-panel';
import { SlidePanel } from './panel/slide-panel';
import { Grid } from './order/grid';
import { Outline } from './order/outline';
import { type Seeing, seeings } from './order/see-switch';
import { RemoveDialog } from './order/remove-dialog';
import { Strip } from './order/strip';
import { ViewpointStrip } from './order/viewpoint-strip';
import { chosenSlides } from './order/choosing';
import { useSlideActions } from './order/use-slide-actions';
import { VersionsDialog } from './authors/versions-dialog';
import { useClipboard } from './keyboard/use-clipboard';
import { useKeys } from './keyboard/use-keys';
import { useLinking } from './links/use-linking';
import { useStable } from './state/use-stable';
import { useFiles } from './documents/use-files';
import { Middle } from './middle';
import { TakeAlongDialogs } from './take-along-dialogs';
import { useLibraryPictures } from './pictures/use-library-pictures';
import { useArrivals, useMediaFiles } from './media/use-media-files';
import { VoiceDialog } from './media/voice-dialog';
import { usePictures } from './contents/use-pictures';
import { usePresence } from './authors/use-presence';

/** Comes only when it is looked at: its drawing is the largest part of the editor. */
const RouteMap = lazy(async () => ({ default: (await import('./map/route-map')).RouteMap }));

const PlanView = lazy(async () => ({ default: (await import('./plan/plan-view')).PlanView }));

export function Screen() {
  const { deckId = '' } = useParams();
  const document = useDocument(`deck:${deckId}`, 'teacher');
  const isForbidden = useStatus(document, ({ kept }) => kept === 'forbidden');
  const isReady = useStatus(document, ({ ready }) => ready);
  const editing = useEditing(document);
  const isWritable = useStatus(document, ({ writable }) => writable);
  if (isForbidden || !isWritable) return <NotOpen deckId={deckId} />;
  if (!editing || !isReady) return <Loading what={messages.show.deck} />;
  return <Editor deckId={deckId} document={document} editing={editing} />;
}

interface EditorProps {
  readonly deckId: string;
  readonly document: OpenDocument | null;
  readonly editing: Editing;
}

function Editor({ deckId, document, editing }: EditorProps) {
  const { deck, run, tellDone } = editing;
  usePageTitle(deck.title);
  const [search, setSearch] = useSearchParams();
  const order = slidesInOrder(deck);
  // The slide changes at once, so that whatever is typed next goes to it; the address follows when it can.
  const [current, setCurrent] = useState(search.get('slide') ?? '');
  const slide = deck.slides[current] ?? order[0] ?? null;
  const slideId = slide?.id ?? '';
  const selected = useDesk((desk) => desk.selected).filter((id) => deck.items[id]?.slideId === slideId);
  const item = selected.length === 1 ? (deck.items[selected[0] ?? ''] ?? null) : null;
  const [dialog, setDialog] = useState<EditorDialog | null>(null);
  const [trying, setTrying] = useState(false);
  const others = usePresence(document, slideId);
  const { linking, begin, beginWith, end } = useLinking(editing, selected);
  const [placePictures, underWay] = usePictures(editing, slideId);
  const placeMedia = useMediaFiles(editing, deckId, slideId);
  const placeLibraryPicture = useLibraryPictures(editing, slideId);
  useArrivals(editing, deckId);
  useFormulas(editing);
  const go = useCallback(
    (next: SlideId) => {
      select();
      useDesk.setState({ chosen: [] });
      setCurrent(next);
      setSearch((before) => ({ ...Object.fromEntries(before), slide: next }), { replace: true });
    },
    [setSearch],
  );
  const goTo = (next: SlideId, itemId: ItemId) => {
    open(next);
    select(itemId);
  };
  const see = (next: Seeing) => {
    select();
    setSearch((before) => ({ ...Object.fromEntries(before), see: next }), { replace: true });
  };
  const seeing = seeings.find((each) => each === search.get('see')) ?? 'slide';
  const panelTab = useDesk((desk) => desk.panelTab);
  useDeckCheck(deck);
  const findingCount = useCheck(({ findings }) => findings?.length ?? 0);
  const [actions, removal] = useSlideActions(editing, go);
  const [onFiles, fileDialog] = useFiles({ editing, deckId, slideId, placePictures, placeMedia, actions, onGo: go });
  const open = (next: SlideId) => {
    go(next);
    setSearch({ slide: next, see: 'slide' }, { replace: true });
  };
  const slides = chosenSlides(
    deck,
    slideId,
    useDesk((desk) => desk.chosen),
  );
  const add = useStable((layout: LayoutName) => {
    const id = newId();
    run(addSlideFrom(deck, layout, { id, name: '', after: slideId }));
    go(id);
  });
  // What stands around the slide may follow a moment later than the slide that is worked on.
  const deferredDeck = useDeferredValue(deck);
  const orderProps = { deck: deferredDeck, run, tellDone, others, current: slideId, actions, onGo: go };
  const onTemplates = useCallback(() => setDialog('templates'), []);
  const onHelp = useCallback(() => setDialog('keys'), []);
  const onLink = useStable(begin);
  const paused = trying && seeing === 'slide';
  useKeys({ editing, slideId, onHelp, onLink, paused });
  useClipboard({ editing, slideId, slides, actions, onFiles, paused });
  useEffect(
    () => () => {
      select();
      endInk();
    },
    [],
  );

  return (
    <div className="flex h-full flex-col">
      <EditorHeader
        deckId={deckId}
        slideId={slideId}
        editing={editing}
        document={document}
        others={others}
        underWay={underWay}
        seeing={seeing}
        onSee={see}
        onDialog={setDialog}
      />
      <div className="flex min-h-0 flex-1">
        {seeing === 'slide' && !paused ? (
          <Palette
            editing={editing}
            slideId={slideId}
            onFiles={onFiles}
            onMedia={placeMedia}
            onLibraryPicture={(picture) => void placeLibraryPicture(picture)}
            onGo={go}
          />
        ) : null}
        {paused && slide ? (
          <TrySlide key={slideId} editing={editing} slideId={slideId} onEnd={() => setTrying(false)} />
        ) : seeing === 'grid' ? (
          <Grid {...orderProps} onOpen={open} />
        ) : seeing === 'map' ? (
          <Suspense fallback={<Loading what={messages.routes.map} />}>
            <RouteMap editing={editing} current={slideId} actions={actions} onGo={go} onOpen={open} />
          </Suspense>
        ) : seeing === 'plan' ? (
          <Suspense fallback={<Loading what={messages.plan.title} />}>
            <PlanView editing={editing} current={slideId} onGo={go} />
          </Suspense>
        ) : seeing === 'outline' ? (
          <Outline
            editing={editing}
            current={slideId}
            onGo={go}
            onOpen={open}
            onPickLink={onLink}
            onLinking={beginWith}
          />
        ) : slide ? (
          <Middle
            others={others}
            editing={editing}
            slideId={slideId}
            onGo={go}
            onPickLink={onLink}
            onFiles={onFiles}
            onLibraryPicture={(picture, at) => void placeLibraryPicture(picture, at)}
            onTry={() => {
              select();
              setTrying(true);
            }}
          />
        ) : (
          <p className="flex-1 p-8">{messages.walking.noSlides}</p>
        )}
        {seeing === 'plan' || paused ? null : (
          <SidePanel>
            <Tabs
              label={messages.editor.panel}
              open={panelTab}
              onChange={(tab) => openPanelTab(isOneOf(tab, panelTabs) ? tab : 'settings')}
              tabs={[
                {
                  id: 'settings',
                  name: messages.editor.settings,
                  content: (
                    <>
                      {selected.length > 1 ? (
                        <SeveralPanel editing={editing} ids={selected} onPickLink={begin} onGo={go} />
                      ) : null}
                      {item ? (
                        <ItemPanel key={item.id} editing={editing} item={item} onPickLink={begin} onGo={go} />
                      ) : null}
                      {selected.length === 0 && slide ? (
                        <SlidePanel
                          key={slides.join(' ')}
                          editing={editing}
                          ids={slides}
                          onMap={seeing === 'map'}
                          actions={actions}
                          onGoTo={goTo}
                          onKeep={() => setDialog('keep-template')}
                        />
                      ) : null}
                    </>
                  ),
                },
                {
                  id: 'items',
                  name: messages.editor.allItems,
                  content: <ItemsList editing={editing} slideId={slideId} />,
                },
                {
                  id: 'check',
                  name: nameOfCheck(findingCount),
                  content: (
                    <CheckPanel
                      editing={editing}
                      slideId={slideId}
                      onGoTo={(next, itemId) => (itemId === null ? open(next) : goTo(next, itemId))}
                    />
                  ),
                },
              ]}
            />
          </SidePanel>
        )}
      </div>
      {seeing === 'slide' ? <ViewpointStrip editing={editing} slideId={slideId} /> : null}
      {seeing === 'slide' ? <Strip {...orderProps} onAdd={add} onTemplates={onTemplates} /> : null}
      {dialog === 'hand-out' ? (
        <HandOutDialog
          deckId={deckId}
          hasOwnPage={ownPages(deck).length > 0}
          note={<CheckNote onSee={() => setDialog(null)} />}
          onClose={() => setDialog(null)}
        />
      ) : null}
      {dialog === 'voice' ? (
        <VoiceDialog editing={editing} deckId={deckId} slideId={slideId} onClose={() => setDialog(null)} />
      ) : null}
      {fileDialog}
      {dialog === 'versions' ? (
        <VersionsDialog deckId={deckId} editing={editing} onClose={() => setDialog(null)} />
      ) : null}
      <TakeAlongDialogs deck={deck} chosen={slides} open={dialog} onClose={() => setDialog(null)} />
      {dialog === 'share' ? <ShareDialog deck={{ ...deck, id: deckId }} onClose={() => setDialog(null)} /> : null}
      {dialog === 'keys' ? (
        <KeysSheet title={messages.keys.title} sheet={messages.keys.sheet} onClose={() => setDialog(null)} />
      ) : null}
      {dialog === 'templates' ? (
        <TemplateDialog
          decksFirst={false}
          onPick={(template) => {
            setDialog(null);
            const slides = slidesInOrder(template.deck).map(({ id }) => id);
            actions.paste(slidesToClip(template.deck, slides), slideId);
          }}
          onClose={() => setDialog(null)}
        />
      ) : null}
      {dialog === 'keep-template' ? (
        <KeepTemplateDialog deck={deck} ids={slides} onClose={() => setDialog(null)} />
      ) : null}
      {removal ? (
        <RemoveDialog
          deck={deck}
          ids={removal.ids}
          links={removal.links}
          onRemove={removal.answer}
          onClose={removal.cancel}
        />
      ) : null}
      {linking ? (
        <LinkDialog
          deck={deck}
          slideId={linking.slideId}
          carrier={linking.carrier}
          present={linking.present}
          onPick={linking.tie}
          onClose={end}
        />
      ) : null}
    </div>
  );
}
