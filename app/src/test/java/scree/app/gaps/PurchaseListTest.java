package scree.app.gaps;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.text.MessageFormat;
import java.util.Locale;
import java.util.ResourceBundle;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import scree.core.mix.Carrier;
import scree.seeded.Draw;
import scree.seeded.Seeds;

class PurchaseListTest {
    @Test
    void namesFiguresAndCarriersAreRead() {
        PurchaseList.Read read = PurchaseList.read("Marl 9, 80, 5.5, 14.5\n\n\"Loam, deep\", 31, 10, 14.5, silicone\n");
        assertThat(read.problems()).isEmpty();
        assertThat(read.offers()).extracting(PurchaseList.Offer::name).containsExactly("Marl 9", "Loam, deep");
        var loam = read.offers().get(1).ingredient();
        assertThat(loam.family()).isEqualTo(Carrier.SILICONE);
        assertThat(loam.spectrum().toLab().lightness()).isCloseTo(31, within(1e-6));
        assertThat(read.offers().get(0).ingredient().family()).isEqualTo(Carrier.WATER);
        assertThat(read.offers().get(0).ingredient().id()).isNegative().isNotEqualTo(loam.id());
    }

    @Test
    void aPriceIsTheSixth() {
        PurchaseList.Read read =
                PurchaseList.read("Marl 9, 80, 5.5, 14.5, , 32\nMarl 7, 80, 5, 15\nMarl 5, 80, 5, 15, oil, dear\n");
        assertThat(read.offers()).extracting(PurchaseList.Offer::price).containsExactly(32.0, null);
        assertThat(read.problems()).extracting(PurchaseList.Problem::code).containsExactly("number");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Marl 9| a name and three figures are needed",
                "Marl 9, sixty, 1, 2| L* is no number, 'sixty'",
                "Marl 9, 60, , 2| a* is no number",
                "Marl 9, 160, 1, 2| lightness",
                "'  , 60, 1, 2'| name is empty",
                "Marl 9, 60, 1, 2, wine| carrier 'wine' is not known",
                "Marl 9, 1, 90, 90| no colour that a product can have"
            })
    void aLineThatCannotBeReadIsNamedWithItsFieldAndTheRestIsWeighed(String line, String says) {
        PurchaseList.Read read = PurchaseList.read("Good, 60, 10, 17\n" + line);
        assertThat(read.offers()).extracting(PurchaseList.Offer::name).containsExactly("Good");
        assertThat(read.problems())
                .singleElement()
                .satisfies(p -> assertThat(worded(p)).startsWith("Line 2: ").contains(says.strip()));
    }

    @Test
    void aListWithoutEndIsCutWithAWord() {
        PurchaseList.Read read = PurchaseList.read("Marl, 60, 10, 17\n".repeat(PurchaseList.MOST + 40));
        assertThat(read.offers()).hasSize(PurchaseList.MOST);
        assertThat(read.problems())
                .singleElement()
                .satisfies(p -> assertThat(worded(p)).contains("over 200 lines"));
    }

    /** Whatever is typed gets an answer. */
    @Seeds(300)
    void nothingThatIsTypedBreaksIt(Draw draw) {
        String anything = draw.text(200);
        PurchaseList.Read read = PurchaseList.read(anything);
        assertThat(read.offers().size() + read.problems().size())
                .isLessThanOrEqualTo(anything.split("\\R|\\r").length + 1);
    }

    private static String worded(PurchaseList.Problem p) {
        return new MessageFormat(ResourceBundle.getBundle("messages").getString("purchase." + p.code()), Locale.ENGLISH)
                .format(p.args());
    }
}
