/** The editor's header: the deck's title, where it is kept, how the slides are seen, and what is done with all of it. */
import type { SlideId } from '@gobrel/core/deck';
import {
  Archive,
  CircleHelp,
  Ellipsis,
  FileDown,
  FileOutput,
  GraduationCap,
  History,
  Images,
  Lamp,
  Mic,
  Printer,
  Play,
  Redo2,
  Send,
  Undo2,
  UserPlus,
} from 'lucide-react';
import { Link, useNavigate } from 'react-router';
import { Brand, KeptNote, useScheme } from '../../app/frame';
import { saveFrom } from '../../shared/downloads';
import { type CoAuthor, type OpenDocument, useStatus } from '../../shared/sync';
import { Button, buttonClasses, IconButton, Menu, MenuEntry, MenuRule, MenuSwitch } from '../../shared/ui';
import { listed, messages } from '../../shared/messages';
import { CheckButton } from './check/check-button';
import type { Editing } from './state/editing';
import { SeeSwitch, type Seeing } from './order/see-switch';

/** The dialogs that the header opens. */
export type EditorDialog =
  | 'hand-out'
  | 'keys'
  | 'versions'
  | 'share'
  | 'show-file'
  | 'slides-file'
  | 'paper'
  | 'pictures'
  | 'templates'
  | 'keep-template'
  | 'voice';

interface EditorHeaderProps {
  readonly deckId: string;
  readonly slideId: SlideId;
  readonly editing: Editing;
  readonly document: OpenDocument | null;
  readonly others: readonly CoAuthor[];
  /** How many pictures are on their way. */
  readonly underWay: number;
  readonly seeing: Seeing;
  readonly onSee: (seeing: Seeing) => void;
  readonly onDialog: (dialog: EditorDialog) => void;
}

/** Changes with every letter, so it is looked at apart from everything else, and has room for what it says then. */
function Kept({ document }: { document: OpenDocument | null }) {
  return (
    <span className="flex min-w-[5.25rem] flex-none items-center">
      <KeptNote kept={useStatus(document, ({ kept }) => kept)} />
    </span>
  );
}

export function EditorHeader(props: EditorHeaderProps) {
  const { deckId, slideId, editing, document, others, underWay, seeing, onSee, onDialog } = props;
  return (
    <header className="flex min-h-12 flex-wrap items-center gap-x-2 gap-y-1 border-b border-rule px-3 py-0.5">
      {/* What is said here comes and goes: the title gives way to it, so that nothing below moves. */}
      <span className="flex min-w-0 flex-1 basis-[18rem] items-center gap-2">
        <Link to="/" aria-label={messages.frame.home} className="-m-1.5 flex-none p-1.5">
          <Brand />
        </Link>
        <Link to="/" className="hidden flex-none text-sm text-soft hover:text-ink xl:inline">
          {messages.frame.library} /
        </Link>
        <h1 className="spoken">{editing.deck.title}</h1>
        <input
          aria-label={messages.library.deckTitle}
          value={editing.deck.title}
          maxLength={200}
          onChange={(event) => editing.run([{ type: 'set-deck', fields: { title: event.target.value } }])}
          className="min-h-control min-w-16 max-w-80 flex-1 text-ellipsis rounded-md border border-transparent bg-transparent px-2 font-display text-lg font-bold hover:border-rule"
        />
        <Kept document={document} />
        {underWay > 0 ? (
          <span role="status" className="min-w-0 truncate text-sm text-soft">
            {messages.editor.uploading({ count: underWay })}
          </span>
        ) : null}
        {others.length > 0 ? (
          <span role="status" className="min-w-0 truncate text-sm text-soft">
            {messages.editor.alsoHere({ names: listed(others.map((other) => other.name)) })}
          </span>
        ) : null}
      </span>
      <SeeSwitch value={seeing} onChange={onSee} />
      <span className="ms-auto flex items-center gap-1">
        <IconButton name={messages.common.undo} disabled={!editing.canUndo} onClick={editing.undo}>
          <Undo2 size={20} aria-hidden />
        </IconButton>
        <IconButton name={messages.common.redo} disabled={!editing.canRedo} onClick={editing.redo}>
          <Redo2 size={20} aria-hidden />
        </IconButton>
        <CheckButton />
        <MoreActions deckId={deckId} slideId={slideId} onDialog={onDialog} />
        <Link to={`/decks/${deckId}/show/${slideId}`} className={buttonClasses('plain')}>
          <Play size={18} aria-hidden /> {messages.editor.tryIt}
        </Link>
        <Button look="main" onClick={() => onDialog('hand-out')}>
          <Send size={18} aria-hidden /> {messages.handOut.action}
        </Button>
      </span>
    </header>
  );
}

/** What is done now and then with all of the deck. */
function MoreActions({ deckId, slideId, onDialog }: Pick<EditorHeaderProps, 'deckId' | 'slideId' | 'onDialog'>) {
  const navigate = useNavigate();
  const { scheme, choose } = useScheme();
  return (
    <Menu
      trigger={
        <button
          type="button"
          aria-label={messages.editor.moreActions}
          title={messages.editor.moreActions}
          className="inline-flex size-control flex-none items-center justify-center rounded-md hover:bg-rule/50"
        >
          <Ellipsis size={20} aria-hidden />
        </button>
      }
    >
      <MenuEntry onSelect={() => void navigate(`/decks/${deckId}/trial/${slideId}`)}>
        <GraduationCap size={18} aria-hidden /> {messages.editor.asStudent}
      </MenuEntry>
      <MenuEntry onSelect={() => onDialog('voice')}>
        <Mic size={18} aria-hidden /> {messages.voice.title}
      </MenuEntry>
      <MenuEntry onSelect={() => onDialog('versions')}>
        <History size={18} aria-hidden /> {messages.versions.title}
      </MenuEntry>
      <MenuEntry onSelect={() => onDialog('share')}>
        <UserPlus size={18} aria-hidden /> {messages.sharing.action}
      </MenuEntry>
      <MenuEntry onSelect={() => onDialog('show-file')}>
        <FileDown size={18} aria-hidden /> {messages.exporting.action}
      </MenuEntry>
      <MenuEntry onSelect={() => onDialog('slides-file')}>
        <FileOutput size={18} aria-hidden /> {messages.slidesFile.action}
      </MenuEntry>
      <MenuEntry onSelect={() => onDialog('paper')}>
        <Printer size={18} aria-hidden /> {messages.paper.action}
      </MenuEntry>
      <MenuEntry onSelect={() => onDialog('pictures')}>
        <Images size={18} aria-hidden /> {messages.pictures.action}
      </MenuEntry>
      <MenuEntry onSelect={() => saveFrom(`/api/decks/${deckId}/backup`)}>
        <Archive size={18} aria-hidden /> {messages.takingAlong.backup}
      </MenuEntry>
      <MenuRule />
      <MenuEntry onSelect={() => onDialog('keys')}>
        <CircleHelp size={18} aria-hidden /> {messages.keys.title}
      </MenuEntry>
      <MenuSwitch on={scheme === 'lamp'} onChange={(on) => choose(on ? 'lamp' : 'light')}>
        <Lamp size={18} aria-hidden /> {messages.common.lamp}
      </MenuSwitch>
    </Menu>
  );
}
