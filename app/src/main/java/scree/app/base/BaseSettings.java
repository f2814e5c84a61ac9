package scree.app.base;

import java.time.Clock;
import java.time.OffsetDateTime;
import java.util.function.UnaryOperator;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import scree.app.method.Method;
import scree.app.method.Methods;
import scree.app.method.Setting;
import scree.app.sitting.Sittings;
import scree.app.studio.StudioId;
import scree.core.shade.PowderOnSkin;
import scree.core.skin.MatchTarget;

/** Keeps what an artist asked of the base, sitting by sitting. */
@Service
public class BaseSettings {
    private final BaseMapper mapper;
    private final Sittings sittings;
    private final Clock clock;
    private final ContourOver contour;
    private final Methods methods;

    BaseSettings(BaseMapper mapper, Sittings sittings, Clock clock, ContourOver contour, Methods methods) {
        this.methods = methods;
        this.contour = contour;
        this.mapper = mapper;
        this.sittings = sittings;
        this.clock = clock;
    }

    /** Returns what was asked of the base of a sitting, the usual while nothing was. */
    public BaseSetting of(StudioId studio, long sitting) {
        BaseSetting own = own(studio, sitting);
        return own.or(
                own.freckles() == null && sittings.get(studio, sitting).intake().marksKept(),
                own.heavyContour() == null && contour.creamPlanned(studio, sitting));
    }

    /** Returns what the artist said here, no more. */
    private BaseSetting own(StudioId studio, long sitting) {
        BaseSetting kept = mapper.setting(studio, sitting);
        return kept == null ? BaseSetting.of(method(studio, sitting)) : kept;
    }

    /** Chooses where the base is matched. */
    @Transactional
    public void school(StudioId studio, long sitting, MatchTarget.School school) {
        change(studio, sitting, s -> s.with(school));
    }

    /** Turns a wish on or off. */
    @Transactional
    public void toggle(StudioId studio, long sitting, BaseSetting.Ask ask) {
        boolean now = of(studio, sitting).asks(ask);
        change(studio, sitting, s -> s.with(ask, !now));
    }

    /** Takes powder to deepen more or less than now, by one press. */
    @Transactional
    public void powder(StudioId studio, long sitting, boolean more) {
        powderBy(studio, sitting, more ? PowderOnSkin.BY_HAND : -PowderOnSkin.BY_HAND);
    }

    /** Moves the strength of the powder model by so much, within 0 to 2; 1 is the model. */
    @Transactional
    public void powderBy(StudioId studio, long sitting, double by) {
        change(studio, sitting, s -> s.withPowder(PowderOnSkin.within(s.powder() + by)));
    }

    /** Starts the primer's time now; 0 minutes take it away. */
    @Transactional
    public void primer(StudioId studio, long sitting, int minutes) {
        OffsetDateTime at = minutes == 0 ? null : OffsetDateTime.now(clock);
        int kept = minutes == 0
                ? method(studio, sitting).whole(Setting.PRIMER_MINUTES)
                : Math.max(1, Math.min(60, minutes));
        change(studio, sitting, s -> s.withPrimer(at, kept));
    }

    private Method method(StudioId studio, long sitting) {
        return methods.of(studio, sittings.get(studio, sitting));
    }

    private void change(StudioId studio, long sitting, UnaryOperator<BaseSetting> how) {
        sittings.hold(studio, sitting); // what is read behind it is changed by nobody else until it is saved
        mapper.putSetting(studio, sitting, how.apply(own(studio, sitting)));
    }
}
