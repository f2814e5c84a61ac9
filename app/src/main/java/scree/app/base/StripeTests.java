package scree.app.base;

import java.time.Clock;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;
import scree.app.kit.DryDowns;
import scree.app.kit.Kit;
import scree.app.kit.Product;
import scree.app.meter.MeterTrouble;
import scree.app.meter.Meters;
import scree.app.sitting.Sittings;
import scree.app.studio.Member;
import scree.app.studio.StudioId;
import scree.app.web.NotHere;
import scree.core.colour.Lab;
import scree.core.colour.Pressed;
import scree.core.shade.DryDown;
import scree.core.shade.PowderOnSkin;

/** Stripes on the skin: their times, what was seen when they had settled, and what is learned from it. */
@Service
public class StripeTests {
    private final BaseMapper mapper;
    private final BaseSettings settings;
    private final Sittings sittings;
    private final Kit kit;
    private final DryDowns dryDowns;
    private final Bases bases;
    private final Meters meters;
    private final Clock clock;
    private final TransactionTemplate transaction;

    StripeTests(
            BaseMapper mapper,
            BaseSettings settings,
            Sittings sittings,
            Kit kit,
            DryDowns dryDowns,
            Bases bases,
            Meters meters,
            Clock clock,
            TransactionTemplate transaction) {
        this.transaction = transaction;
        this.mapper = mapper;
        this.settings = settings;
        this.sittings = sittings;
        this.kit = kit;
        this.dryDowns = dryDowns;
        this.bases = bases;
        this.meters = meters;
        this.clock = clock;
    }

    /** Returns the stripes that lie on the skin, by product. */
    Map<Long, StripeWatch> watched(StudioId studio, long sitting) {
        return mapper.watched(studio, sitting).stream().collect(Collectors.toMap(StripeWatch::productId, w -> w));
    }

    /** Lays stripes now; one that lies already begins anew. */
    @Transactional
    public void lay(StudioId studio, long sitting, List<Long> products, int minutes) {
        sittings.hold(studio, sitting);
        bases.pinStripes(studio, sitting);
        OffsetDateTime now = OffsetDateTime.now(clock);
        for (long product : products) {
            Product p = kit.get(studio, product);
            int whole = minutes > 0 ? minutes : p.form().dryDownMinutes();
            mapper.lay(studio, sitting, new StripeWatch(p.id(), now, Math.max(1, Math.min(60, whole))));
        }
    }

    /** Wipes a stripe off without a word. */
    @Transactional
    public void lift(StudioId studio, long sitting, long product) {
        mapper.lift(studio, sitting, product);
    }

    /**
     * Keeps what the artist saw of a settled stripe, learns from it and takes the stripe off the clock. A powder does not dry
     * down: too deep or too light beside this skin moves how much powders are taken to deepen on it.
     */
    @Transactional
    public void answer(Member me, long sitting, long product, DryDown.Answer answer) {
        Lab skin = skin(me.studio(), sitting);
        sittings.hold(me.studio(), sitting);
        boolean lay = mapper.lift(me.studio(), sitting, product) > 0;
        if (!lay && mapper.stripes(me.studio(), sitting).contains(product)) {
            return; // answered by the press before
        }
        if (kit.get(me.studio(), product).powder()) {
            settings.powderBy(me.studio(), sitting, PowderOnSkin.moved(answer));
        } else {
            dryDowns.seen(me, sitting, product, answer, skin);
        }
    }

    /**
     * Reads a settled stripe with the meter and learns from it. The meter is asked before anything is held in the database.
     *
     * @throws MeterTrouble when it does not answer, or its three presses do not agree
     */
    public Lab measure(Member me, long sitting, long product) {
        sittings.get(me.studio(), sitting);
        Product p = kit.get(me.studio(), product);
        if (p.powder()) {
            throw new IllegalArgumentException("a powder does not dry down: answer by eye");
        }
        Pressed pressed = meters.pressThrice(product, p.recorded());
        if (!pressed.agree()) {
            throw new MeterTrouble(MeterTrouble.Why.BABBLE);
        }
        Lab settled = pressed.mean().orElseThrow();
        transaction.executeWithoutResult(status -> {
            dryDowns.measured(me, sitting, product, settled);
            mapper.lift(me.studio(), sitting, product);
        });
        return settled;
    }

    private Lab skin(StudioId studio, long sitting) {
        return bases.target(studio, sitting)
                .orElseThrow(() -> new NotHere("reading"))
                .colour();
    }
}
