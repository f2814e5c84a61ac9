package scree.app.kit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyLong;
import static org.mockito.BDDMockito.given;
import static org.mockito.Mockito.mock;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.springframework.validation.BeanPropertyBindingResult;
import org.springframework.validation.BindingResult;
import scree.app.Samples;
import scree.app.studio.StudioId;
import scree.app.web.Words;
import scree.core.care.AllergenFamily;
import scree.core.care.Sensitivities;
import scree.core.colour.Lab;
import scree.core.mix.Carrier;
import scree.core.shade.DryDown;
import scree.core.shade.Role;
import scree.core.shade.Sheen;
import scree.core.shade.Told;
import scree.core.shade.Traits;
import scree.seeded.Draw;
import scree.seeded.Seeds;

/** What a product's page shows goes back into the product unchanged; what is typed goes in as it was meant. */
class ProductFormTest {
    private static final StudioId STUDIO = new StudioId(1);
    private static final Product STORED = Samples.base(9, "31", Lab.of(60.37, 9.12, 17.48), 4);

    private final Kit kit = mock(Kit.class);
    private final Words words = mock(Words.class);
    private final ProductColour colours = new ProductColour(kit, words);

    @BeforeEach
    void oneNeighbour() {
        given(words.say(any())).willReturn("says");
        given(kit.find(any(), anyLong())).willReturn(Optional.empty());
        given(kit.find(STUDIO, 9)).willReturn(Optional.of(STORED));
    }

    private static Formula formula() {
        return new Formula(9, Carrier.SILICONE, 1.06, 32.0, 30.0, 1.7, 3, false);
    }

    /** Whoever saves without a change changes nothing, whatever decimals lie behind the tenths. */
    @Seeds(200)
    void savedUntouchedNothingChanges(Draw draw) {
        Lab settled = Lab.of(draw.between(20, 90), draw.between(-10, 30), draw.between(-10, 40));
        Lab wet = Lab.of(settled.lightness() + draw.between(0, 3), settled.a(), settled.b());
        Swatch swatch = new Swatch(
                wet,
                settled,
                draw.one(null, new DryDown.Shift(-1.234, .1, .2)),
                draw.one(Measure.TYPED, Measure.meter(LocalDate.of(2026, 3, 1))));
        Traits traits = new Traits(
                draw.one(null, new Sheen(Lab.of(80, 4, 17), draw.between(.01, .4))),
                false,
                draw.one(null, draw.between(0, 1)),
                draw.one(Told.values()),
                draw.one(Told.values()),
                draw.one(Told.values()),
                draw.one(Told.values()),
                draw.one(null, draw.between(.05, 2)));
        Product stored = STORED.with(swatch)
                .with(traits)
                .with(draw.one(Stock.values()))
                .hiding(draw.between(.01, .99))
                .withAllergens(draw.one(null, "lanolin, talc", "CI 77891, castor", "lanolin"));
        ProductForm form = ProductForm.of(stored, formula());
        Product again = form.product(stored, stored.swatch());
        assertThat(again).usingRecursiveComparison().ignoringFields("allergens").isEqualTo(stored);
        assertThat(listed(again)).isEqualTo(listed(stored));
        assertThat(form.formula(stored))
                .usingRecursiveComparison()
                .ignoringFields("strength")
                .isEqualTo(formula());
        assertThat(form.shows(stored.swatch())).isTrue();
    }

    private static List<String> listed(Product p) {
        return p.allergens() == null
                ? List.of()
                : Arrays.stream(p.allergens().split(", ")).sorted().toList();
    }

    /** A tick is only worth something when a client who told of it in any of its names is warned. */
    @ParameterizedTest
    @EnumSource(AllergenFamily.class)
    void aTickedFamilyWarnsWhoeverToldOfIt(AllergenFamily family) {
        assertThat(Sensitivities.of(family.label()).meet(family.label())).isTrue();
        ProductForm form = ProductForm.of(STORED.withAllergens(family.label() + ", zzz"), formula());
        assertThat(form.families()).containsExactly(family);
        assertThat(form.allergens()).isEqualTo("zzz");
    }

    /** Once they did not fit into the table. */
    @Test
    void allFamiliesTogetherFitOnALabel() {
        String all = Arrays.stream(AllergenFamily.values())
                .map(AllergenFamily::label)
                .collect(Collectors.joining(", "));
        assertThat(all.length() + 2 + 300).isLessThanOrEqualTo(1000);
        assertThat(ProductForm.of(STORED.withAllergens(all), formula()).families())
                .containsExactlyInAnyOrder(AllergenFamily.values());
    }

    @ParameterizedTest
    @EnumSource(Role.class)
    void aNewProductBeginsAsItsRoleUsuallyIs(Role role) {
        ProductForm form = ProductForm.empty(role);
        assertThat(form.form()).isEqualTo(role.usualForm());
        assertThat(form.finish()).isEqualTo(role.usualFinish());
        assertThat(form.clear()).isEqualTo(role.mostlyClear());
        assertThat(form.settledL()).as("no colour is made up").isNull();
        assertThat(form.packSilent()).isTrue();
    }

    private static ProductForm telling(ProductForm.Way way, Long beside, Integer deeper, String hex, Double settledL) {
        ProductForm f = ProductForm.of(STORED, formula());
        return new ProductForm(
                f.line(),
                f.name(),
                f.role(),
                f.form(),
                f.finish(),
                f.coverage(),
                way,
                beside,
                deeper,
                0,
                hex,
                settledL,
                f.settledA(),
                f.settledB(),
                null,
                null,
                null,
                f.stock(),
                null,
                null,
                null,
                "",
                null,
                null,
                null,
                null,
                0,
                null,
                null,
                false,
                null,
                null,
                null,
                null,
                null,
                4);
    }

    private Swatch told(ProductForm form, Product stored, BindingResult errors) {
        return colours.of(STUDIO, form, stored, errors);
    }

    private static BindingResult errors() {
        return new BeanPropertyBindingResult(ProductForm.empty(Role.BASE), "form");
    }

    @Test
    void aColourComesFromTheWayThatIsChosenAndNoOther() {
        ProductForm.Way beside = ProductForm.Way.BESIDE;
        Swatch deeper = told(telling(beside, 9L, 2, "#FFFFFF", 20.0), null, errors());
        assertThat(deeper.settled().lightness()).isCloseTo(STORED.settled().lightness() - 5, within(1e-9));
        assertThat(deeper.wet().lightness() - deeper.settled().lightness()).isCloseTo(1, within(1e-9));
        Swatch hex = told(telling(ProductForm.Way.HEX, 9L, 2, " b98a6e ", 20.0), null, errors());
        assertThat(scree.core.colour.Srgb.hex(hex.settled())).isEqualToIgnoringCase("#b98a6e");
        Swatch figures = told(telling(ProductForm.Way.FIGURES, 9L, 2, "#FFFFFF", 55.0), STORED, errors());
        assertThat(figures.settled().lightness()).isEqualTo(55);
        assertThat(figures.wet().lightness()).as("as its form settles").isGreaterThan(55);
        assertThat(told(telling(ProductForm.Way.KEEP, 9L, 2, "#FFFFFF", 20.0), STORED, errors()))
                .isSameAs(STORED.swatch());
    }

    @ParameterizedTest
    @CsvSource({
        "BESIDE, , , 60, beside",
        "BESIDE, 77, , 60, beside",
        "HEX, , , 60, hex",
        "FIGURES, , , , settledL",
        "KEEP, , , 60, way"
    })
    void whatIsMissingIsSaidAtItsField(ProductForm.Way way, Long beside, String hex, Double settledL, String field) {
        BindingResult errors = errors();
        assertThat(told(telling(way, beside, 0, hex, settledL), null, errors)).isNull();
        assertThat(errors.getFieldErrors())
                .singleElement()
                .satisfies(e -> assertThat(e.getField()).isEqualTo(field));
    }

    @Test
    void aColourThatNoProductCanHaveIsRefused() {
        BindingResult errors = errors();
        assertThat(told(telling(ProductForm.Way.FIGURES, null, 0, null, 1.0), null, errors))
                .isNull();
        assertThat(errors.hasFieldErrors("settledL")).isTrue();
    }
}
