package scree.app.chair;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import scree.app.judge.RoleShelf;
import scree.app.kit.Kit;
import scree.app.kit.Product;
import scree.app.order.Orders;
import scree.app.picture.Pictures;
import scree.app.sitting.Sitting;
import scree.app.sitting.Sittings;
import scree.app.studio.Member;
import scree.app.studio.StudioId;
import scree.core.routine.Progress;
import scree.core.routine.StepCode;
import scree.core.shade.Role;
import tools.jackson.core.JacksonException;

/** The work at the chair: the plan that is followed, and what is noted of it, each thing once. */
@Service
public class Chairs {
    private static final Logger LOG = LoggerFactory.getLogger(Chairs.class);
    private static final int SECONDS_A_HALF = 30;

    private final Sittings sittings;
    private final Orders orders;
    private final ChairPlans plans;
    private final PlanCodec codec;
    private final ChairMapper mapper;
    private final Pictures pictures;
    private final Kit kit;
    private final RoleShelf shelf;
    private final Clock clock;

    Chairs(
            Sittings sittings,
            Orders orders,
            ChairPlans plans,
            PlanCodec codec,
            ChairMapper mapper,
            Pictures pictures,
            Kit kit,
            RoleShelf shelf,
            Clock clock) {
        this.sittings = sittings;
        this.orders = orders;
        this.plans = plans;
        this.codec = codec;
        this.mapper = mapper;
        this.pictures = pictures;
        this.kit = kit;
        this.shelf = shelf;
        this.clock = clock;
    }

    /**
     * What a device sends.
     *
     * @param device a UUID, one a page that was opened
     * @param seq its number on the device, from 1
     * @param at milliseconds since 1970 on the server's clock, as far as the device knows it
     */
    record Said(String device, int seq, Progress.Kind kind, StepCode step, long at, String words, Long product) {}

    /** Returns the work as it stands, empty before it began and while what is stored cannot be read. */
    @Transactional(readOnly = true)
    public Optional<TakenChair> of(StudioId studio, long id) {
        Sitting sitting = sittings.get(studio, id);
        PlanRow row = mapper.plan(studio, id);
        if (row == null) {
            return Optional.empty();
        }
        try {
            ChairPlan plan = codec.read(row.plan());
            Instant begun = row.begunAt().toInstant();
            List<ChairNote> notes = notesOf(studio, id, begun, 0);
            Progress progress = Progress.of(
                    plan.course(), begun, notes.stream().map(ChairNote::event).toList());
            return Optional.of(new TakenChair(sitting, row.no(), begun, plan, notes, progress));
        } catch (JacksonException | IllegalArgumentException unreadable) {
            LOG.warn("the chair's plan {} of sitting {} cannot be read: {}", row.no(), id, unreadable.toString());
            return Optional.empty();
        }
    }

    /** What was noted before the work began anew belongs to the former try. */
    private List<ChairNote> notesOf(StudioId studio, long sitting, Instant begun, long since) {
        return mapper.notes(studio, sitting, since).stream()
                .filter(n -> !n.at().toInstant().isBefore(begun))
                .toList();
    }

    /** Returns notes of the present work that came after one; empty before it began. */
    @Transactional(readOnly = true)
    public List<ChairNote> since(StudioId studio, long sitting, long since) {
        sittings.get(studio, sitting);
        PlanRow row = mapper.plan(studio, sitting);
        return row == null ? List.of() : notesOf(studio, sitting, row.begunAt().toInstant(), since);
    }

    /** Returns the number of the plan that is followed, 0 before the work began. */
    int no(StudioId studio, long sitting) {
        PlanRow row = mapper.plan(studio, sitting);
        return row == null ? 0 : row.no();
    }

    /** Returns whether a plan is stored that cannot be read; beginning anew leads out of it. */
    public boolean unreadable(StudioId studio, long sitting) {
        return mapper.plan(studio, sitting) != null && of(studio, sitting).isEmpty();
    }

    /** Returns whether the work began. */
    public boolean begun(StudioId studio, long sitting) {
        return mapper.plan(studio, sitting) != null;
    }

    /** Returns when the work was ended, empty while it was not. */
    public Optional<Instant> finished(StudioId studio, long sitting) {
        return Optional.ofNullable(mapper.finished(studio, sitting)).map(java.time.OffsetDateTime::toInstant);
    }

    /** Returns the time that hands took over the time planned for the same steps, those of the catalogue; empty when nothing was timed. */
    @Transactional(readOnly = true)
    public Optional<Double> pace(StudioId studio, long id) {
        return of(studio, id).flatMap(TakenChair::pace);
    }

    /** Begins with the order as it is now; a second press, or a second tablet, begins nothing anew. */
    @Transactional
    public void begin(Member me, long sitting) {
        sittings.hold(me.studio(), sitting);
        if (mapper.plan(me.studio(), sitting) == null) {
            follow(me, sitting, planned(me.studio(), sitting), true);
        }
    }

    /**
     * Begins anew; what was noted stays in the record and counts no more.
     *
     * @param no of the plan that the artist saw: a second press begins nothing
     */
    @Transactional
    public void anew(Member me, long sitting, int no) {
        sittings.hold(me.studio(), sitting);
        if (no(me.studio(), sitting) == no) {
            follow(me, sitting, planned(me.studio(), sitting), true);
        }
    }

    /**
     * Takes the order as it is now for what is left to do; done steps stay as they were.
     *
     * @param no of the plan that the artist saw: a second press takes nothing
     */
    @Transactional
    public void take(Member me, long sitting, int no) {
        sittings.hold(me.studio(), sitting);
        TakenChair now = of(me.studio(), sitting).orElse(null);
        if (now == null || now.no() != no) {
            return;
        }
        List<StepCode> behind = held(now);
        int at = (int) (Duration.between(now.begun(), clock.instant()).toSeconds() / SECONDS_A_HALF);
        follow(me, sitting, now.plan().followedBy(planned(me.studio(), sitting), behind, at), false);
    }

    /** Steps that a newer plan leaves as they are: those behind, and the running one. */
    private static List<StepCode> held(TakenChair now) {
        List<StepCode> held = new java.util.ArrayList<>(now.progress().behind());
        now.progress().current().filter(c -> !held.contains(c)).ifPresent(held::add);
        return held;
    }

    private ChairPlan planned(StudioId studio, long sitting) {
        return plans.of(studio, orders.of(studio, sitting));
    }

    private void follow(Member me, long sitting, ChairPlan plan, boolean begins) {
        int no = no(me.studio(), sitting) + 1;
        mapper.addPlan(me.studio(), sitting, no, codec.write(plan), begins, now(), me.artistId());
    }

    /** As the store keeps it: to the millisecond, which a browser can say too. */
    private Instant now() {
        return Instant.ofEpochMilli(clock.millis());
    }

    /** Returns what the order has otherwise by now, empty when nothing that is left to do differs. */
    @Transactional(readOnly = true)
    public Optional<ChairPlan.Difference> offered(StudioId studio, TakenChair now) {
        if (now.progress().finished() != null || now.progress().current().isEmpty()) {
            return Optional.empty();
        }
        ChairPlan newer = planned(studio, now.sitting().id());
        return Optional.of(now.plan().difference(newer, held(now))).filter(d -> !d.none());
    }

    /** Returns steps of the plan whose product is no longer in the kit. */
    @Transactional(readOnly = true)
    public List<StepCode> gone(StudioId studio, ChairPlan plan) {
        List<Long> ids = plan.wares().values().stream()
                .flatMap(List::stream)
                .map(ChairPlan.Ware::id)
                .filter(java.util.Objects::nonNull)
                .distinct()
                .toList();
        List<Long> there = kit.some(studio, ids).stream().map(p -> p.id()).toList();
        return plan.course().codes().stream()
                .filter(c -> plan.wares(c).stream().anyMatch(w -> w.id() != null && !there.contains(w.id())))
                .toList();
    }

    /** Returns what this client may have of each role that the plan's steps are done with. */
    @Transactional(readOnly = true)
    public Map<Role, List<Product>> others(StudioId studio, Sitting sitting, ChairPlan plan) {
        Map<Role, List<Product>> others = new EnumMap<>(Role.class);
        for (StepCode code : plan.course().codes()) {
            for (Role role : plan.roles(code)) {
                others.computeIfAbsent(role, r -> shelf.allowed(studio, sitting, r));
            }
        }
        return others;
    }

    /**
     * Takes notes, each once: what was sent before counts for nothing. None is later than now, whatever the device's clock says.
     *
     * @throws scree.app.web.NotHere when the studio has no such sitting
     */
    @Transactional
    public void note(Member me, long sitting, List<Said> notes) {
        sittings.hold(me.studio(), sitting);
        for (Said said : notes) {
            add(me, sitting, said, null);
        }
        if (notes.stream().anyMatch(n -> n.kind() == Progress.Kind.FINISHED)) {
            sittings.finish(me.studio(), sitting);
        }
    }

    /** Keeps a picture of the work with its note; one that was sent before is kept once. */
    @Transactional
    public void picture(Member me, long sitting, Said said, Pictures.Ready ready) {
        sittings.hold(me.studio(), sitting);
        if (!mapper.taken(me.studio(), sitting, said.device(), said.seq())) {
            add(me, sitting, said, pictures.storeAtChair(me.studio(), sitting, ready));
        }
    }

    private void add(Member me, long sitting, Said n, Long picture) {
        Instant now = now();
        Instant at = Instant.ofEpochMilli(Math.min(n.at(), now.toEpochMilli()));
        mapper.addNote(
                me.studio(),
                sitting,
                n.device(),
                n.seq(),
                n.kind(),
                n.step(),
                at,
                now,
                n.words(),
                n.product(),
                picture,
                me.artistId());
    }
}
