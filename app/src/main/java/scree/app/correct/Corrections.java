package scree.app.correct;

import com.github.benmanes.caffeine.cache.Cache;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import scree.app.base.BaseChoice;
import scree.app.base.BaseFilter;
import scree.app.base.Bases;
import scree.app.base.Worn;
import scree.app.judge.RoleShelf;
import scree.app.judge.SittingSkins;
import scree.app.kit.Product;
import scree.app.memory.Memories;
import scree.app.method.Method;
import scree.app.method.Methods;
import scree.app.method.Setting;
import scree.app.sitting.LastTime;
import scree.app.sitting.Sitting;
import scree.app.sitting.Sittings;
import scree.app.sitting.Steps;
import scree.app.skin.Readings;
import scree.app.skin.TakenReading;
import scree.app.skin.Touched;
import scree.app.skin.Touches;
import scree.app.studio.Member;
import scree.app.studio.StudioId;
import scree.app.web.NotHere;
import scree.core.colour.Lab;
import scree.core.colour.LeastSlope;
import scree.core.cover.CoverPlan;
import scree.core.cover.Layer;
import scree.core.cover.Mark;
import scree.core.cover.Marks;
import scree.core.cover.Place;
import scree.core.cover.Treatment;
import scree.core.cover.Ware;
import scree.core.judge.RoleWish;
import scree.core.method.CoverSchool;
import scree.core.placement.Covered;
import scree.core.shade.Form;
import scree.core.shade.Role;
import scree.core.shade.UsualCoat;
import scree.core.skin.FreeSpot;
import scree.core.skin.ReferenceCurve;
import scree.core.skin.Texture;
import scree.core.skin.Zone;
import scree.core.skin.ZoneReading;

/** Plans correction and cover for a sitting, and keeps what the artist chose instead. */
@Service
public class Corrections {
    private static final Steps.Kind<CorrectSheet> KIND = new Steps.Kind<>("CORRECT", CorrectSheet.class);
    private static final int KEPT = 300;
    /** Products of a role that are looked at, nearest to the skin first, so that a kit of thousands answers as fast. */
    private static final int MOST_OF_A_ROLE = 30;

    /** Middle of all depths: what kits are sorted by where nothing is known of the skin. */
    private static final Lab ANY_SKIN = ReferenceCurve.at(55);

    private static final List<Role> ROLES = List.of(Role.CORRECTOR, Role.CONCEALER, Role.BASE, Role.BRIGHTENER);

    private final Steps steps;
    private final Sittings sittings;
    private final Readings readings;
    private final Touches touches;
    private final Bases bases;
    private final RoleShelf shelf;
    private final SittingSkins skins;
    private final LastTime lastTime;
    private final Methods methods;
    private final Cache<Asked, Treatment<Pot>> answers;

    private record Asked(Mark mark, Place<Pot> place, List<Ware<Pot>> wares) {}

    Corrections(
            Steps steps,
            Sittings sittings,
            Readings readings,
            Touches touches,
            Bases bases,
            RoleShelf shelf,
            SittingSkins skins,
            LastTime lastTime,
            Methods methods,
            Memories memories) {
        this.steps = steps;
        this.sittings = sittings;
        this.readings = readings;
        this.touches = touches;
        this.bases = bases;
        this.shelf = shelf;
        this.skins = skins;
        this.lastTime = lastTime;
        this.methods = methods;
        this.answers = memories.keep("treatments", KEPT);
    }

    /** Returns correction as it stands, empty while no skin was read. */
    @Transactional(readOnly = true)
    public Optional<TakenCorrections> of(StudioId studio, long id) {
        Sitting sitting = sittings.get(studio, id);
        return readings.of(studio, id).map(r -> new Face(studio, sitting, r).taken());
    }

    /** Returns what is covered on a picture, nothing when the skin was read from another or no base was taken to lie with. */
    @Transactional(readOnly = true)
    public List<Covered> covered(StudioId studio, long id, long picture) {
        return of(studio, id)
                .filter(t -> t.baseTaken() && t.reading().pictureId() == picture)
                .map(TakenCorrections::covered)
                .orElse(List.of());
    }

    /** Returns whether the artist changed anything. */
    public boolean worked(StudioId studio, long sitting) {
        return sheet(studio, sitting).isPresent();
    }

    boolean unreadable(StudioId studio, long sitting) {
        return steps.unreadable(studio, sitting, KIND);
    }

    private Optional<Steps.Present<CorrectSheet>> sheet(StudioId studio, long sitting) {
        return steps.present(studio, sitting, KIND);
    }

    /** What correction starts from: the school of the method and of the client's last time; marks are of today's face. */
    private CorrectSheet first(StudioId studio, Sitting sitting) {
        Method method = methods.of(studio, sitting, lastTime.of(studio, sitting, KIND), CorrectSheet::chose);
        return CorrectSheet.usual().with(method.of(Setting.COVER_SCHOOL, CoverSchool.class));
    }

    /** Changes what was chosen; a step that can be undone. */
    @Transactional
    public void change(Member me, long sitting, UnaryOperator<CorrectSheet> by) {
        Sitting of = sittings.get(me.studio(), sitting);
        steps.change(me, sitting, KIND, () -> Optional.of(first(me.studio(), of)), by);
    }

    /** Says that a spot's skin is broken, or that it is not. */
    @Transactional
    public void callBroken(Member me, long sitting, int spot) {
        change(me, sitting, s -> s.breaking(spot));
    }

    /** Changes the plan of one mark by hand: from what a hand laid last as it is shown, behind the lock, else from what is proposed. */
    @Transactional
    public void edit(Member me, long sitting, String mark, UnaryOperator<CorrectSheet.Hand> by) {
        Sitting of = sittings.get(me.studio(), sitting);
        Face face = readings.of(me.studio(), sitting)
                .map(r -> new Face(me.studio(), of, r))
                .orElseThrow(() -> new NotHere("correct"));
        TakenCorrections.Treated treated = face.taken().mark(mark).orElseThrow(() -> new NotHere("mark"));
        if (treated.broken() && treated.note() == null) {
            throw new NotHere("mark");
        }
        change(me, sitting, s -> {
            CorrectSheet.Hand last = s.hands().get(mark);
            CoverPlan<Pot> shown =
                    last == null ? treated.plan() : face.byHand(face.place(treated.mark()), last, new ArrayList<>());
            CorrectSheet.Hand from = face.hand(shown);
            CorrectSheet.Hand to = by.apply(from);
            return to.equals(from) ? s : s.by(mark, to);
        });
    }

    @Transactional
    public void undo(StudioId studio, long sitting) {
        steps.undo(studio, sitting, KIND);
    }

    @Transactional
    public void redo(StudioId studio, long sitting) {
        steps.redo(studio, sitting, KIND);
    }

    /** Works one face out. */
    private final class Face {
        private final StudioId studio;
        private final Sitting sitting;
        private final TakenReading reading;
        private final Optional<Steps.Present<CorrectSheet>> kept;
        private final CorrectSheet sheet;
        private final Optional<BaseChoice> choice;
        private final Ware<Pot> base;
        private final Ware<Pot> powder;
        private final List<Ware<Pot>> wares;

        Face(StudioId studio, Sitting sitting, TakenReading reading) {
            this.studio = studio;
            this.sitting = sitting;
            this.reading = reading;
            this.kept = sheet(studio, sitting.id());
            this.sheet = kept.map(Steps.Present::state).orElseGet(() -> first(studio, sitting));
            this.choice = bases.choice(studio, sitting.id());
            this.base = base();
            this.powder = powder();
            this.wares = wares();
        }

        TakenCorrections taken() {
            List<Mark> marks = Marks.of(
                    reading.skin(),
                    touches.ruled(studio, sitting.id()).keySet(),
                    feel(),
                    sheet.broken(),
                    reading.face().outlines());
            return new TakenCorrections(
                    sheet,
                    kept.map(Steps.Present::seq).orElse(0),
                    kept.map(Steps.Present::undoable).orElse(false),
                    kept.map(Steps.Present::redoable).orElse(false),
                    reading,
                    base,
                    choice.isPresent(),
                    sitting.eventLight() == Sitting.EventLight.WARM_STAGE
                            || sitting.eventLight() == Sitting.EventLight.OFFICE,
                    marks.stream().map(this::treated).toList(),
                    unread(),
                    wares);
        }

        private Map<Zone, List<Texture>> feel() {
            Map<Zone, List<Texture>> feel = new EnumMap<>(Zone.class);
            for (Touched t : touches.of(studio, sitting.id())) {
                List<Texture> all = new ArrayList<>(feel.getOrDefault(t.zone(), List.of()));
                if (!all.contains(t.texture())) {
                    all.add(t.texture());
                }
                feel.put(t.zone(), all);
            }
            return feel;
        }

        private List<FreeSpot> unread() {
            return reading.face().spots().stream()
                    .filter(s -> reading.skin().spots().stream()
                            .noneMatch(r -> r.spot().id() == s.id() && !Marks.offSkin(r, reading.skin())))
                    .toList();
        }

        /** What is worn, else what stands first on the shortlist, or null. */
        private Ware<Pot> base() {
            return choice.map(c -> c.worn().shade())
                    .or(() -> bases.shortlist(studio, sitting.id(), BaseFilter.ANY)
                            .flatMap(l -> l.ranked().stream().findFirst())
                            .map(r -> Worn.Shade.of(r.product(), r.onSkin())))
                    .filter(s -> LeastSlope.spectrumOf(s.onSkin()).isPresent())
                    .map(Face::base)
                    .orElse(null);
        }

        private static Ware<Pot> base(Worn.Shade shade) {
            Pot pot = new Pot(
                    shade.product(), shade.fullName(), shade.stoneId(), shade.onSkin(), shade.wornShare() == null);
            return new Ware<>(pot, shade.stoneId(), Role.BASE, shade.form(), shade.coat());
        }

        /** The one that Place would lay, or null. */
        private Ware<Pot> powder() {
            SittingSkins.Known known = skins.of(studio, sitting);
            return shelf.ask(
                            studio,
                            sitting,
                            Role.POWDER,
                            known.skin(),
                            known.wish().at(RoleWish.usualStrength(Role.POWDER)))
                    .bestPowder()
                    .map(c -> ware(c.product()))
                    .orElse(null);
        }

        private List<Ware<Pot>> wares() {
            Lab skin = base != null
                    ? base.colour()
                    : reading.skin().zones().stream()
                            .findFirst()
                            .map(ZoneReading::colour)
                            .orElse(ANY_SKIN);
            List<Ware<Pot>> all = new ArrayList<>();
            for (Role role : ROLES) {
                shelf.allowed(studio, sitting, role).stream()
                        .filter(p -> p.form() != Form.POWDER && !p.traits().colourless())
                        .filter(p -> LeastSlope.spectrumOf(p.settled()).isPresent())
                        .sorted(Comparator.comparingDouble(
                                        (Product p) -> p.settled().differenceFrom(skin))
                                .thenComparing(Product::stoneId))
                        .limit(MOST_OF_A_ROLE)
                        .map(this::ware)
                        .forEach(all::add);
            }
            return all;
        }

        private Ware<Pot> ware(Product p) {
            return new Ware<>(
                    Pot.of(p),
                    p.stoneId(),
                    p.role(),
                    p.form(),
                    UsualCoat.of(
                            p.form(), p.settled(), p.contrastRatio(), p.traits().wornShareOrEstimate()));
        }

        Place<Pot> place(Mark mark) {
            Place<Pot> place = Treatment.place(mark, base, base == null ? 0 : Treatment.baseCoats(mark));
            double coats = powder == null ? 0 : Treatment.powderCoats(mark);
            return coats > 0 ? place.powdered(powder, coats) : place;
        }

        /** Returns a plan as a hand laid it, without what the kit no longer has, whose names are added to the gone. */
        CoverPlan<Pot> byHand(Place<Pot> place, CorrectSheet.Hand hand, List<String> gone) {
            return CoverPlan.of(place, layers(hand.under(), gone), layers(hand.over(), gone));
        }

        /** Returns a plan as a hand keeps it. */
        CorrectSheet.Hand hand(CoverPlan<Pot> plan) {
            return plan == null
                    ? new CorrectSheet.Hand(List.of(), List.of())
                    : new CorrectSheet.Hand(dabs(plan.under()), dabs(plan.over()));
        }

        private List<CorrectSheet.Dab> dabs(List<Layer<Pot>> layers) {
            return layers.stream()
                    .map(l -> new CorrectSheet.Dab(
                            l.ware().what().byHand(base), l.ware().what().name(), (int)
                                    Math.min(CorrectSheet.Dab.MOST, Math.round(4 * l.amount()))))
                    .toList();
        }

        private TakenCorrections.Treated treated(Mark mark) {
            Place<Pot> place = place(mark);
            Treatment<Pot> answer = answers.get(new Asked(mark, place, wares), k -> Treatment.of(mark, place, wares));
            List<String> gone = new ArrayList<>();
            CorrectSheet.Hand hand = sheet.hands().get(mark.key());
            String note = sheet.notes().get(mark.key());
            CoverPlan<Pot> plan = answer.plan();
            boolean byHand = hand != null && (plan != null || note != null);
            boolean byTable = !byHand
                    && sheet.school() == CoverSchool.BY_TABLE
                    && plan != null
                    && answer.table().plan().isPresent();
            if (byHand) {
                plan = byHand(place, hand, gone);
            } else if (byTable) {
                plan = answer.table().plan().orElseThrow();
            }
            return new TakenCorrections.Treated(
                    mark, answer, plan, byHand, byTable, gone, sheet.left().contains(mark.key()), note);
        }

        private List<Layer<Pot>> layers(List<CorrectSheet.Dab> dabs, List<String> gone) {
            List<Layer<Pot>> layers = new ArrayList<>();
            for (CorrectSheet.Dab d : dabs) {
                Optional<Ware<Pot>> ware = d.product() == null
                        ? Optional.ofNullable(base)
                        : wares.stream()
                                .filter(w -> d.product().equals(w.what().id()))
                                .findFirst();
                if (ware.isEmpty()) {
                    gone.add(d.name());
                } else {
                    layers.add(new Layer<>(ware.get(), d.coats()));
                }
            }
            return layers;
        }
    }
}
