package scree.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.springframework.beans.factory.annotation.Autowired;
import scree.app.base.BaseChoice;
import scree.app.base.BaseFilter;
import scree.app.base.BaseSetting;
import scree.app.base.BaseSettings;
import scree.app.base.Bases;
import scree.app.base.Shortlist;
import scree.app.base.StripeTests;
import scree.app.base.Worn;
import scree.app.client.Client;
import scree.app.client.Clients;
import scree.app.face.Faces;
import scree.app.kit.DryDowns;
import scree.app.kit.Formulas;
import scree.app.kit.Kit;
import scree.app.kit.KitShelf;
import scree.app.kit.Measure;
import scree.app.kit.Opened;
import scree.app.kit.Product;
import scree.app.kit.Stock;
import scree.app.kit.Swatch;
import scree.app.meter.MeterTrouble;
import scree.app.mix.MixBench;
import scree.app.mix.Seasons;
import scree.app.mix.TestMixes;
import scree.app.sitting.Sittings;
import scree.app.skin.Readings;
import scree.app.studio.Member;
import scree.app.web.NotHere;
import scree.app.web.StaleSave;
import scree.core.colour.Lab;
import scree.core.mix.Batch;
import scree.core.mix.SeasonParts;
import scree.core.shade.DryDown;
import scree.core.shade.Finish;
import scree.core.shade.Form;
import scree.core.shade.Role;
import scree.core.shade.Traits;
import scree.core.skin.MatchTarget;
import scree.core.skin.SkinType;

/** Base in full on the real database: what is asked, watched, mixed and learned, and that none of it leaves its studio. */
@TestDatabase
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class BaseInFullIT {
    @Autowired
    private Faces faces;

    @Autowired
    private Ground ground;

    @Autowired
    private Clients clients;

    @Autowired
    private Sittings sittings;

    @Autowired
    private Readings readings;

    @Autowired
    private Kit kit;

    @Autowired
    private KitShelf shelf;

    @Autowired
    private Formulas formulas;

    @Autowired
    private DryDowns dryDowns;

    @Autowired
    private Bases bases;

    @Autowired
    private BaseSettings settings;

    @Autowired
    private StripeTests stripes;

    @Autowired
    private MixBench mix;

    @Autowired
    private TestMixes testMixes;

    @Autowired
    private Seasons seasons;

    private Member mine;
    private Member theirs;
    private long sitting;
    private long near;
    private long deep;
    private long white;
    private Lab skin;

    @BeforeAll
    void aStudioWithAReadFaceAndAKit() {
        mine = ground.artist("mine");
        theirs = ground.artist("theirs");
        long client = clients.add(
                mine.studio(),
                new Client(0, "Petra Kvist", null, 1982, "Viola", SkinType.OILY, "lanolin", null, LocalDate.now(), 0));
        sitting = sittings.add(mine.studio(), client, mine.artistId(), LocalDateTime.now(), 45, "Concert");
        ground.seat(mine, sitting, 4);
        skin = MatchTarget.from(
                        readings.of(mine.studio(), sitting).orElseThrow().skin(), MatchTarget.School.JAW_TO_NECK)
                .orElseThrow()
                .colour();
        near = add("Marl", "near", Role.BASE, Form.LIQUID, shifted(-2, 0), null);
        deep = add("Marl", "deep", Role.BASE, Form.LIQUID, shifted(-12, 0), null);
        add("Marl", "light", Role.BASE, Form.LIQUID, shifted(5, 0), null);
        add("Tuff", "creamy", Role.BASE, Form.CREAM, shifted(-.5, 0), "lanolin");
        add("Flint", "pan", Role.BASE, Form.POWDER, shifted(3.5, 0), null);
        white = add("Lime", "White", Role.MIXER, Form.DROPS, Lab.of(94, 0, 2), null);
    }

    private Lab shifted(double l, double b) {
        return Lab.of(skin.lightness() + l, skin.a(), skin.b() + b);
    }

    private long add(String line, String name, Role role, Form form, Lab settled, String allergens) {
        Lab wet = Lab.of(settled.lightness() + 1, settled.a(), settled.b() - .3);
        return kit.add(
                mine.studio(),
                new Product(
                        0,
                        line,
                        name + UUID.randomUUID().toString().substring(0, 4),
                        role,
                        form,
                        Finish.SATIN,
                        .8,
                        Swatch.of(
                                Lab.of(wet.lightness(), wet.a(), wet.b()),
                                Lab.of(settled.lightness(), settled.a(), settled.b())),
                        Traits.UNTOLD,
                        new Opened(LocalDate.now(), 12),
                        allergens,
                        Stock.ENOUGH,
                        0));
    }

    private Shortlist list() {
        return bases.shortlist(mine.studio(), sitting, BaseFilter.ANY).orElseThrow();
    }

    @Test
    void whatIsAskedIsKeptForTheSitting() {
        settings.toggle(mine.studio(), sitting, BaseSetting.Ask.FRECKLES);
        settings.primer(mine.studio(), sitting, 4);
        settings.powder(mine.studio(), sitting, true);
        settings.powder(mine.studio(), sitting, true);
        settings.powder(mine.studio(), sitting, true);
        BaseSetting kept = settings.of(mine.studio(), sitting);
        assertThat(kept.freckles()).isTrue();
        assertThat(kept.powder()).as("never over double").isEqualTo(2);
        assertThat(kept.primerSecondsLeft(java.time.Instant.now())).isBetween(200L, 240L);
        settings.toggle(mine.studio(), sitting, BaseSetting.Ask.FRECKLES);
        settings.primer(mine.studio(), sitting, 0);
        settings.powder(mine.studio(), sitting, false);
        settings.powder(mine.studio(), sitting, false);
        assertThat(settings.of(mine.studio(), sitting).primerAt()).isNull();
        assertThatThrownBy(() -> settings.of(theirs.studio(), sitting))
                .as("another studio's")
                .isInstanceOf(NotHere.class);
        assertThatThrownBy(() -> settings.school(theirs.studio(), sitting, MatchTarget.School.OUTER_FACE))
                .isInstanceOf(NotHere.class);
    }

    @Test
    void aProductWithTheClientsAllergenStandsApartWithItsReason() {
        Shortlist list = list();
        assertThat(list.apart()).singleElement().satisfies(r -> {
            assertThat(r.struck()).containsExactly(Product.Struck.ALLERGEN);
            assertThat(r.rank()).isZero();
        });
        assertThat(list.ranked()).noneMatch(r -> r.product().line().equals("Tuff"));
    }

    @Test
    void aLighterPanIsRankedByItsColourOnOilySkin() {
        Shortlist.Ranked powder = list().ranked().stream()
                .filter(Shortlist.Ranked::powder)
                .findFirst()
                .orElseThrow();
        assertThat(powder.onSkin().lightness())
                .isLessThan(powder.product().settled().lightness() - 2);
        assertThat(powder.difference())
                .isLessThan(powder.product()
                        .settled()
                        .differenceFrom(list().target().colour()));
    }

    @Test
    void whatSpokeAgainstABaseIsKeptWithTheChoice() {
        BaseChoice choice = bases.take(mine, sitting, deep, "wanted deeper", "Too deep by figures.", present());
        assertThat(choice.standing().overruled()).isEqualTo("Too deep by figures.");
        assertThat(choice.standing().rank()).isGreaterThan(1);
        assertThat(bases.take(mine, sitting, near, null, null, present())
                        .standing()
                        .overruled())
                .isNull();
    }

    /** Seen to vanish, its settled colour moves towards the skin; taken back, the record stands again. */
    @Test
    void aWatchedStripeTeachesTheProductAndCanBeTakenBack() {
        Product before = kit.get(mine.studio(), near);
        stripes.lay(mine.studio(), sitting, List.of(near, deep), 0);
        stripes.answer(mine, sitting, near, DryDown.Answer.VANISHED);
        Product after = kit.get(mine.studio(), near);
        assertThat(after.learned()).isTrue();
        assertThat(after.settled().differenceFrom(skin))
                .isLessThan(before.settled().differenceFrom(skin));
        assertThat(shelf.of(mine.studio()).bases().stream()
                        .filter(p -> p.id() == near)
                        .findFirst()
                        .orElseThrow()
                        .learned())
                .as("the shelf knows at once")
                .isTrue();
        kit.change(mine.studio(), after.measured(after.wet(), shifted(-4, 0), Measure.TYPED));
        Product changed = kit.get(mine.studio(), near);
        assertThat(changed.learned())
                .as("a new record is weighed with what was seen")
                .isTrue();
        assertThat(changed.settled().lightness()).isBetween(skin.lightness() - 4, skin.lightness());
        dryDowns.of(mine.studio(), near).forEach(s -> dryDowns.forget(mine.studio(), near, s.id()));
        assertThat(kit.get(mine.studio(), near).learned()).isFalse();
        kit.change(
                mine.studio(), kit.get(mine.studio(), near).measured(before.wet(), before.recorded(), Measure.TYPED));
    }

    /** Seen too deep, a powder is not said to dry down: the skin deepens powders more than was thought. */
    @Test
    void aPowderThatLooksTooDeepMovesThePowderModelAndNotTheProduct() {
        long powder = list().ranked().stream()
                .filter(Shortlist.Ranked::powder)
                .findFirst()
                .orElseThrow()
                .product()
                .id();
        stripes.answer(mine, sitting, powder, DryDown.Answer.TOO_DEEP);
        assertThat(kit.get(mine.studio(), powder).learned()).isFalse();
        assertThat(settings.of(mine.studio(), sitting).powder()).isEqualTo(1.25);
        stripes.answer(mine, sitting, powder, DryDown.Answer.TOO_LIGHT);
        assertThat(settings.of(mine.studio(), sitting).powder()).isEqualTo(1);
        stripes.answer(mine, sitting, powder, DryDown.Answer.VANISHED);
        assertThat(settings.of(mine.studio(), sitting).powder()).isEqualTo(1);
        assertThatThrownBy(() -> stripes.measure(mine, sitting, powder)).hasMessageContaining("does not dry down");
    }

    @Test
    void anotherStudioLaysNoStripeAndForgetsNothing() {
        assertThatThrownBy(() -> stripes.lay(theirs.studio(), sitting, List.of(near), 5))
                .isInstanceOf(NotHere.class);
        assertThatThrownBy(() -> stripes.answer(theirs, sitting, near, DryDown.Answer.VANISHED))
                .isInstanceOf(NotHere.class);
        assertThatThrownBy(() -> dryDowns.forget(theirs.studio(), near, 1)).isInstanceOf(NotHere.class);
        assertThat(dryDowns.of(theirs.studio(), near)).isEmpty();
        assertThat(formulas.recorded(theirs.studio())).isEmpty();
        assertThat(shelf.of(theirs.studio()).bases()).isEmpty();
    }

    @Test
    void withoutAMeterTheStripeSaysSo() {
        assertThatThrownBy(() -> stripes.measure(mine, sitting, near)).isInstanceOf(MeterTrouble.class);
    }

    /** Taps are steps: each can be undone and redone, and the last part stays on. */
    @Test
    void theBenchIsTappedUndoneAndRedone() {
        mix.lay(mine, sitting, 1);
        mix.tap(mine, sitting, white, 1);
        mix.tap(mine, sitting, white, 1);
        BaseChoice two = mix.take(mine, sitting, "two drops of white", null, present());
        mix.undo(mine.studio(), sitting, true);
        BaseChoice one = mix.take(mine, sitting, "one drop of white", "an estimate", present());
        assertThat(one.settled().lightness()).isLessThan(two.settled().lightness());
        mix.undo(mine.studio(), sitting, false);
        assertThat(mix.take(mine, sitting, "again", null, present()).settled().lightness())
                .isCloseTo(two.settled().lightness(), within(1e-9));
        assertThat(one.worn().shade().product()).isNull();
        assertThat(((Worn.Mix) one.worn()).parts()).extracting(Worn.Part::line).contains("Lime");
        assertThat(one.standing().overruled()).isEqualTo("an estimate");
        mix.batch(mine, sitting, Batch.For.BODY, 3, Batch.Unit.PUMP);
        assertThatThrownBy(() -> mix.tap(theirs, sitting, white, 1)).isInstanceOf(NotHere.class);
    }

    /** White that colours three times as strongly as was thought: after test mixes Scree knows. */
    @Test
    void testMixesTeachHowStronglyDropsColour() {
        mix.lay(mine, sitting, 1);
        mix.tap(mine, sitting, white, 1);
        double before =
                mix.take(mine, sitting, "before", null, present()).settled().lightness();
        Lab lighter = Lab.of(Math.min(96, before + 5), skin.a() - 2, skin.b() - 3);
        testMixes.tried(mine, sitting, lighter, true);
        testMixes.tried(mine, sitting, lighter, true);
        double learned =
                formulas.of(mine.studio(), kit.get(mine.studio(), white)).strength();
        assertThat(learned).isGreaterThan(1.4);
        assertThat(mix.take(mine, sitting, "after", null, present()).settled().lightness())
                .isGreaterThan(before + 1);
    }

    @Test
    void theSeasonsOfAClientAreKeptAndMovedByTheirWords() {
        seasons.pair(mine.studio(), sitting, near, deep);
        seasons.said(mine, sitting, SeasonParts.Word.CHALKY);
        seasons.said(mine, sitting, SeasonParts.Word.ORANGE_OR_DIRTY);
        assertThatThrownBy(() -> seasons.pair(mine.studio(), sitting, near, near))
                .hasMessageContaining("choose two");
        assertThatThrownBy(() -> seasons.pair(theirs.studio(), sitting, near, deep))
                .isInstanceOf(NotHere.class);
        assertThatThrownBy(() -> seasons.said(theirs, sitting, SeasonParts.Word.CHALKY))
                .isInstanceOf(NotHere.class);
    }

    @Test
    void whatCouldBeBoughtIsKeptAsItWasTyped() {
        formulas.putPurchases(mine.studio(), new Formulas.Purchases("Marl 9, 80, 5, 15\nbroken line", 0));
        formulas.putPurchases(mine.studio(), new Formulas.Purchases("Marl 9, 80, 5, 15\nstill broken", 0));
        Formulas.Purchases now = formulas.purchases(mine.studio());
        assertThat(now.words()).endsWith("still broken");
        assertThat(formulas.purchases(theirs.studio()).words()).isEmpty();
        assertThatThrownBy(() -> formulas.putPurchases(mine.studio(), new Formulas.Purchases("late", 0)))
                .as("someone else saved in between")
                .isInstanceOfSatisfying(
                        StaleSave.class, e -> assertThat(e.stored()).isEqualTo(now));
    }

    /** The base that an artist sees as taken now. */
    private long present() {
        return bases.choice(mine.studio(), sitting).map(BaseChoice::id).orElse(0L);
    }
}
