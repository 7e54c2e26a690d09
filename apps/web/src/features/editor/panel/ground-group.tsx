/** The ground of slides: its colour, what that runs into, and a picture on it. */
import { colourIn, type Deck, type GroundLay, groundLays, type Slide, themeOn } from '@gobrel/core/deck';
import { Image, Trash2 } from 'lucide-react';
import { useRef, useState } from 'react';
import { pictureUrl } from '../../../shared/api';
import { Button, Choose, IconButton } from '../../../shared/ui';
import { messages } from '../../../shared/messages';
import { storePicture } from '../../../shared/contents';
import { Colours } from './colours';
import { Group, NumberField } from './parts';

interface GroundGroupProps {
  readonly deck: Deck;
  /** The slide whose ground is shown here. */
  readonly slide: Slide;
  readonly onSet: (fields: Partial<Omit<Slide, 'id'>>) => void;
  readonly onSetAll: (fields: Partial<Omit<Slide, 'id'>>) => void;
}

export function GroundGroup({ deck, slide, onSet, onSetAll }: GroundGroupProps) {
  const { background, wash, groundPicture } = slide;
  const theme = themeOn(deck.theme, slide.layout);
  const isEverywhere = Object.values(deck.slides).every(
    (each) =>
      each.background === background &&
      JSON.stringify([each.wash, each.groundPicture]) === JSON.stringify([wash, groundPicture]),
  );
  return (
    <Group title={messages.ground.title}>
      <Colours
        theme={theme}
        label={messages.editor.ground}
        shown={messages.ground.colour}
        value={background}
        onChange={(colour) => onSet({ background: colour })}
      />
      <div className="mt-2">
        <Choose
          label={messages.ground.kind}
          value={wash ? 'wash' : 'plain'}
          options={[
            { value: 'plain', name: messages.ground.plain },
            { value: 'wash', name: messages.ground.wash },
          ]}
          onChange={(kind) =>
            onSet({ wash: kind === 'wash' ? { to: background === 'soft' ? 'ground' : 'soft', angle: 180 } : null })
          }
        />
      </div>
      {wash ? (
        <div className="mt-2 border-s-2 border-rule ps-2">
          <Colours
            theme={theme}
            label={messages.ground.washTo}
            shown={messages.ground.second}
            value={wash.to}
            onChange={(to) => onSet({ wash: { ...wash, to } })}
          />
          <div
            aria-hidden
            className="my-2 h-6 rounded border border-edge"
            style={{
              background: `linear-gradient(${wash.angle}deg, ${colourIn(theme, background)}, ${colourIn(theme, wash.to)})`,
            }}
          />
          <NumberField
            label={messages.ground.angle}
            value={wash.angle}
            least={0}
            most={360}
            step={15}
            onChange={(angle) => onSet({ wash: { ...wash, angle: Math.min(360, Math.max(0, angle)) } })}
          />
        </div>
      ) : null}
      <PictureOnGround slide={slide} onSet={onSet} />
      <Button
        look="quiet"
        className="mt-1 w-full"
        disabled={isEverywhere}
        onClick={() => onSetAll({ background, wash, groundPicture })}
      >
        {messages.ground.onAll}
      </Button>
    </Group>
  );
}

function PictureOnGround({ slide: { groundPicture }, onSet }: Pick<GroundGroupProps, 'slide' | 'onSet'>) {
  const file = useRef<HTMLInputElement>(null);
  const [isOnItsWay, setIsOnItsWay] = useState(false);
  const take = async (chosen: File | undefined) => {
    if (!chosen) return;
    setIsOnItsWay(true);
    const stored = await storePicture(chosen);
    setIsOnItsWay(false);
    if (stored)
      onSet({ groundPicture: { lay: 'fill', faded: 0, ...groundPicture, picture: stored.id, moving: stored.moving } });
  };
  return (
    <div className="mt-2">
      <div className="flex items-center gap-1">
        <Button
          className="min-w-0 flex-1 !justify-start !px-2.5"
          disabled={isOnItsWay}
          onClick={() => file.current?.click()}
        >
          {groundPicture ? (
            <img src={pictureUrl(groundPicture.picture)} alt="" className="h-7 w-11 rounded object-cover" />
          ) : (
            <Image size={18} aria-hidden />
          )}
          {isOnItsWay
            ? messages.editor.uploading({ count: 1 })
            : groundPicture
              ? messages.ground.otherPicture
              : messages.ground.picture}
        </Button>
        {groundPicture ? (
          <IconButton
            name={messages.ground.noPicture}
            className="text-berry"
            onClick={() => onSet({ groundPicture: null })}
          >
            <Trash2 size={18} aria-hidden />
          </IconButton>
        ) : null}
      </div>
      <input
        ref={file}
        type="file"
        accept="image/*"
        hidden
        aria-label={messages.ground.picture}
        onChange={(event) => {
          void take(event.target.files?.[0]);
          event.target.value = '';
        }}
      />
      {groundPicture ? (
        <div className="mt-2 space-y-2 border-s-2 border-rule ps-2">
          <Choose<GroundLay>
            label={messages.ground.lay}
            value={groundPicture.lay}
            options={groundLays.map((value) => ({ value, name: messages.ground.lays[value] }))}
            onChange={(lay) => onSet({ groundPicture: { ...groundPicture, lay } })}
          />
          <label className="flex min-h-control items-center gap-2 text-sm">
            <span className="text-soft">{messages.ground.faded}</span>
            <input
              type="range"
              min={0}
              max={95}
              step={5}
              value={Math.round(groundPicture.faded * 100)}
              onChange={(event) =>
                onSet({ groundPicture: { ...groundPicture, faded: event.target.valueAsNumber / 100 } })
              }
              className="min-w-0 flex-1 accent-dusk"
            />
            <span className="w-10 text-end tabular-nums">{Math.round(groundPicture.faded * 100)} %</span>
          </label>
        </div>
      ) : null}
    </div>
  );
}
