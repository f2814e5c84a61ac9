package scree.app.base;

import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import scree.app.picture.Picture;
import scree.app.picture.Pictures;
import scree.app.skin.Readings;
import scree.app.skin.TakenReading;
import scree.app.studio.Member;
import scree.app.studio.StudioId;
import scree.app.web.NotHere;
import scree.app.web.StaleSave;
import scree.core.shade.TwoTones;

/** Finds pairs of a lighter base inside the ring and a deeper one outside, and takes one. */
@Service
public class Tones {
    private static final int PAIRS = 3;

    private final Bases bases;
    private final Readings readings;
    private final Pictures pictures;

    Tones(Bases bases, Readings readings, Pictures pictures) {
        this.bases = bases;
        this.readings = readings;
        this.pictures = pictures;
    }

    /**
     * Everything that the page and the choice are made of.
     *
     * @param shades bases in the order of the pairs' positions
     */
    record Work(
            TakenReading taken,
            Picture picture,
            TwoTones.Targets targets,
            List<Shortlist.Ranked> shades,
            List<TwoTones.Pair> pairs) {
        Shortlist.Ranked inner(TwoTones.Pair pair) {
            return shades.get(pair.inner());
        }

        Shortlist.Ranked outer(TwoTones.Pair pair) {
            return shades.get(pair.outer());
        }

        /** Returns the pair of these products, or empty when it is not proposed. */
        Optional<TwoTones.Pair> pair(long inner, long outer) {
            return pairs.stream()
                    .filter(p -> inner(p).product().id() == inner
                            && outer(p).product().id() == outer)
                    .findFirst();
        }
    }

    /** Returns the pairs, or empty while the outer face was not read. */
    @Transactional(readOnly = true)
    public Optional<Work> of(StudioId studio, long sitting) {
        Optional<TakenReading> taken = readings.of(studio, sitting);
        Optional<TwoTones.Targets> targets = taken.flatMap(t -> TwoTones.targets(t.skin()));
        return targets.flatMap(t -> bases.shortlist(studio, sitting, BaseFilter.ANY))
                .map(list -> work(studio, taken.orElseThrow(), targets.orElseThrow(), list.ranked()));
    }

    private Work work(StudioId studio, TakenReading taken, TwoTones.Targets targets, List<Shortlist.Ranked> shades) {
        List<TwoTones.Pair> pairs =
                TwoTones.best(shades.stream().map(Shortlist.Ranked::onSkin).toList(), targets, PAIRS);
        return new Work(taken, pictures.get(studio, taken.pictureId()), targets, shades, pairs);
    }

    /**
     * Takes a pair.
     *
     * @param words for the note and for what speaks against the outer shade
     * @throws StaleSave when another base was taken meanwhile; carries it
     */
    @Transactional
    public void take(Member me, long sitting, long inner, long outer, long instead, BaseWords words) {
        Work work = of(me.studio(), sitting).orElseThrow(() -> new NotHere("reading"));
        TwoTones.Pair pair = work.pair(inner, outer).orElseThrow(() -> new NotHere("base"));
        Shortlist.Ranked in = work.inner(pair);
        Shortlist.Ranked out = work.outer(pair);
        Worn worn = new Worn.TwoTones(
                Worn.Shade.of(out.product(), out.onSkin()),
                new Worn.Inner(in.product().line(), in.product().name(), in.onSkin(), pair.innerOff(), pair.apart()),
                null);
        BaseChoice.Standing standing =
                new BaseChoice.Standing(pair.outerOff(), Math.max(1, out.rank()), words.overruled(out));
        bases.keep(
                me,
                sitting,
                worn,
                standing,
                words.say("tones.note", in.product().fullName()),
                instead);
    }
}
