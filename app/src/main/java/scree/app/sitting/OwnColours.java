package scree.app.sitting;

import scree.core.judge.EyeTone;
import scree.core.judge.HairTone;
import scree.core.judge.RoleSkin.FeatureDepths;

/** Colours of a person that make-up is held against, as told at intake; null where not told. */
public record OwnColours(HairTone hair, HairTone brows, EyeTone eyes) {
    public static final OwnColours UNTOLD = new OwnColours(null, null, null);

    /** Returns how deep they are. */
    public FeatureDepths depths() {
        return new FeatureDepths(
                brows == null ? null : brows.colour().lightness(),
                hair == null ? null : hair.colour().lightness(),
                eyes == null ? null : eyes.lightness());
    }
}
