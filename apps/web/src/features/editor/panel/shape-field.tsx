/** The shape something has, and the sheet to pick another one. */
import type { ShapeName } from '@gobrel/core/deck';
import { useState } from 'react';
import { Button, Popover } from '../../../shared/ui';
import { messages } from '../../../shared/messages';
import { Row } from './parts';
import { ShapePicker, ShapeSign } from './shape-picker';

interface ShapeFieldProps {
  readonly title: string;
  readonly value: ShapeName;
  readonly onPick: (shape: ShapeName) => void;
}

export function ShapeField({ title, value, onPick }: ShapeFieldProps) {
  const [open, setOpen] = useState(false);
  return (
    <Row label={title}>
      <Popover
        label={title}
        side="left"
        open={open}
        onOpenChange={setOpen}
        trigger={
          <Button className="min-w-0 flex-1 !justify-start !px-2" aria-label={`${title}: ${messages.shapes[value]}`}>
            <ShapeSign name={value} /> {messages.shapes[value]}
          </Button>
        }
      >
        <ShapePicker
          label={title}
          value={value}
          onPick={(shape) => {
            onPick(shape);
            setOpen(false);
          }}
        />
      </Popover>
    </Row>
  );
}
