package scree.app.look;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.StringReader;
import javax.xml.parsers.DocumentBuilderFactory;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;
import org.xml.sax.InputSource;
import scree.seeded.Draw;
import scree.seeded.Seeds;

/** Drawings that go into a page unescaped: sound, and nothing of anybody's words in them. */
class DrawnTest {
    private static NodeList parsed(Drawn drawn) throws Exception {
        return DocumentBuilderFactory.newDefaultInstance()
                .newDocumentBuilder()
                .parse(new InputSource(new StringReader("<g>" + drawn + "</g>")))
                .getDocumentElement()
                .getChildNodes();
    }

    @Seeds(60)
    void whatIsDrawnIsSoundMarkup(Draw draw) throws Exception {
        double x = draw.between(-500, 900);
        double y = draw.between(-500, 900);
        String path = new Stones().pebble("Marl|31", x, y, 12);
        NodeList nodes = parsed(new Drawn()
                .reach(x, y, 20)
                .stone(path, "#A1b2C3", 1.8)
                .bar(x, y)
                .mark("B", x, y, true)
                .mark(null, x, y, true));
        assertThat(nodes.getLength()).isEqualTo(5);
        assertThat(((Element) nodes.item(2)).getAttribute("fill")).isEqualTo("#A1b2C3");
        assertThat(((Element) nodes.item(1)).getAttribute("d")).isEqualTo(path);
        Element bar = (Element) nodes.item(3);
        double wide = Double.parseDouble(bar.getAttribute("x2")) - Double.parseDouble(bar.getAttribute("x1"));
        assertThat(wide).isBetween(13.8, 14.2);
        assertThat(nodes.item(4).getTextContent()).isEqualTo("B");
    }

    @ParameterizedTest
    @ValueSource(strings = {"red", "#12345", "#12345g", "none\" onload=\"x", ""})
    void onlyColoursAreColours(String colour) {
        assertThatThrownBy(() -> new Drawn().shade("M0,0Z", colour)).hasMessageContaining("#RRGGBB");
    }

    @ParameterizedTest
    @ValueSource(strings = {"<b>", "abc", "123", "a", "", "&"})
    void onlyLettersAndNumbersAreMarks(String mark) {
        assertThatThrownBy(() -> new Drawn().mark(mark, 0, 0, true)).hasMessageContaining("is no mark");
    }

    @Test
    void aMarkOnADeepStoneIsLight() {
        assertThat(new Drawn().mark("3", 10, 20, false))
                .hasToString("<text class=\"mark on-deep\" x=\"10\" y=\"20\">3</text>");
        assertThat(new Drawn().mark("3", 10, 20, true)).hasToString("<text class=\"mark\" x=\"10\" y=\"20\">3</text>");
    }

    /** A curve whose later pieces name one control only is the same curve: it passes the same points. */
    @Test
    void aClosedCurvePassesItsPoints() {
        double[][] points = {{0, 0}, {10, 2}, {12, 11}, {3, 14}};
        String d = Stones.closed(points);
        assertThat(d).startsWith("M0,0C").endsWith(" 0,0Z");
        assertThat(d).contains(" 10,2S").contains(" 12,11S").contains(" 3,14S");
        assertThat(d.chars().filter(c -> c == 'S').count()).isEqualTo(3);
    }
}
