package scree.app.kit;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URLDecoder;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import scree.app.Samples;
import scree.app.look.PebbleField;
import scree.core.colour.Lab;
import scree.core.shade.Role;
import scree.core.shade.Traits;
import scree.seeded.Draw;
import scree.seeded.Seeds;

/** A kit as a field: every product is there once, alone or counted, and a counted stone leads to just those it stands for. */
class KitFieldTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 6, 20);
    private static final KitQuery ALL = new KitQuery(null, null, null, null, null, null, null, null, null);

    private static KitQuery.Entry at(int i, Lab colour) {
        return KitQuery.Entry.of(Samples.base(i, "n" + i, colour, 0));
    }

    @Seeds(20)
    void everyProductIsShownOnceAndFoundAgain(Draw draw) {
        List<KitQuery.Entry> kit = new ArrayList<>();
        int size = draw.whole(91, 400);
        for (int i = 0; i < size; i++) {
            kit.add(at(i, Lab.of(draw.between(20, 90), draw.between(-8, 30), draw.between(-20, 40))));
        }
        KitField field = KitField.of(kit, ALL);
        int counted = 0;
        for (PebbleField.Stone stone : field.stones()) {
            if (stone.mark() == null) {
                counted++;
                continue;
            }
            String near = URLDecoder.decode(stone.href().replaceAll(".*near=", ""), StandardCharsets.UTF_8);
            KitQuery there = new KitQuery(null, null, null, null, null, null, null, null, near);
            long found = kit.stream().filter(e -> there.fits(e, TODAY)).count();
            int stands = Integer.parseInt(stone.title().replaceAll(" .*", ""));
            assertThat(found).as(stone.title()).isGreaterThanOrEqualTo(stands);
            counted += stands;
        }
        assertThat(counted).isEqualTo(size);
        assertThat(field.shown()).isEqualTo(size);
    }

    @Test
    void aFewAreNamedAndLeadToTheirPages() {
        KitField field = KitField.of(List.of(at(3, Lab.of(70, 8, 14)), at(4, Lab.of(40, 10, 15))), ALL);
        assertThat(field.stones()).extracting(PebbleField.Stone::href).containsExactlyInAnyOrder("/kit/3", "/kit/4");
        assertThat(field.labels()).extracting(PebbleField.Label::text).contains("Marl n3", "Marl n4");
    }

    @Test
    void whatHasNoColourLiesNowhere() {
        Product tool = Samples.base(5, "brush", Lab.of(92, 0, 2), 0)
                .with(new Traits(
                        null,
                        true,
                        null,
                        scree.core.shade.Told.UNKNOWN,
                        scree.core.shade.Told.UNKNOWN,
                        scree.core.shade.Told.UNKNOWN,
                        scree.core.shade.Told.UNKNOWN,
                        null));
        KitField field = KitField.of(List.of(KitQuery.Entry.of(tool)), ALL);
        assertThat(field.stones()).isEmpty();
        assertThat(field.clear()).isEqualTo(1);
        assertThat(KitField.of(List.of(), ALL).shown()).isZero();
    }

    @Test
    void aPlaceThatSomebodyInventedNarrowsNothing() {
        KitQuery.Entry e = at(1, Lab.of(60, 9, 17));
        for (String near : List.of("", "a,b,c,d", "1,2", "1,2,3,4,5", "NaN,1,60,1")) {
            assertThat(new KitQuery(null, null, null, null, null, null, null, null, near).fits(e, TODAY))
                    .as(near)
                    .isTrue();
        }
        assertThat(new KitQuery(null, null, null, null, null, null, null, null, "60,1,60,1").fits(e, TODAY))
                .isFalse();
    }

    @Test
    void aLinkCarriesAllThatIsAsked() {
        KitQuery query = new KitQuery(
                Role.LIP, null, null, null, null, KitQuery.State.LOW, KitQuery.Sort.DEEPEST, "a&b c", "1,2,3,4");
        assertThat(query.link()).isEqualTo("/kit?role=LIP&state=LOW&sort=DEEPEST&find=a%26b%20c&near=1%2C2%2C3%2C4");
        assertThat(query.fieldLink()).endsWith("&field=true").doesNotContain("near");
        assertThat(ALL.link()).isEqualTo("/kit");
        assertThat(ALL.fieldLink()).isEqualTo("/kit?field=true");
    }
}
