import { useState } from 'react';
import { deficiencies, svgMatrix, type Deficiency } from '../../../core/colour/deficiency';
import { InlineChoice } from '../../parts/InlineChoice';

type Eyes = Deficiency | 'most';

const eyes = ['most', ...deficiencies] as const;
const eyesWords: Readonly<Record<Eyes, string>> = {
  most: 'as most eyes see it',
  protan: 'without red cones (protan)',
  deutan: 'without green cones (deutan)',
  tritan: 'without blue cones (tritan)',
};

/** Whose eyes the card is looked at with. */
export interface SeenByEyes {
  readonly eyes: Eyes;
  readonly look: (eyes: Eyes) => void;
  /** Of CSS; undefined for most eyes. */
  readonly filter: string | undefined;
}

const filterId = 'seen-by-eyes';

export function useSeenBy(): SeenByEyes {
  const [own, look] = useState<Eyes>('most');
  return { eyes: own, look, filter: own === 'most' ? undefined : `url(#${filterId})` };
}

/** Chooses the eyes, and holds the filter that turns colours into what they see. */
export function SeenBy({ seenBy: { eyes: own, look } }: { readonly seenBy: SeenByEyes }) {
  return (
    <p className="flex items-center gap-2">
      <span className="text-sheet-muted">Shown</span>
      <InlineChoice
        label="Whose eyes see the card"
        value={own}
        choices={eyes}
        nameOf={(each) => eyesWords[each]}
        onChange={look}
      />
      {own !== 'most' && (
        <svg width={0} height={0} aria-hidden className="absolute">
          <filter id={filterId} colorInterpolationFilters="linearRGB">
            <feColorMatrix type="matrix" values={svgMatrix(own)} />
          </filter>
        </svg>
      )}
    </p>
  );
}
