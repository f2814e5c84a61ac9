package scree.core.colour;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import scree.seeded.Draw;
import scree.seeded.Seeds;

/** One coat over white and black against the reference's fits, and what must hold of any. */
class FilmFitTest {
    private static final FilmFit.Grounds PAPER = new FilmFit.Grounds(Lab.of(93.1, 0, -0.1), Lab.of(27, .4, 1.3));

    static Stream<Map<String, String>> colours() throws IOException {
        return rows("films.csv");
    }

    static Stream<Map<String, String>> responses() throws IOException {
        return rows("films_camera.csv");
    }

    private static Stream<Map<String, String>> rows(String file) throws IOException {
        List<String> lines = Files.readAllLines(Path.of("src/test/resources/golden/swatches", file));
        String[] names = lines.get(0).split(",");
        return lines.stream().skip(1).map(line -> {
            String[] cells = line.split(",");
            return IntStream.range(0, names.length).boxed().collect(Collectors.toMap(i -> names[i], i -> cells[i]));
        });
    }

    @ParameterizedTest
    @MethodSource("colours")
    void aFilmReadAsColoursIsTheReferences(Map<String, String> row) {
        FilmFit.Colours seen = new FilmFit.Colours(lab(row, "on_white_"), lab(row, "on_black_"));
        agrees(FilmFit.of(grounds(row), seen), row);
    }

    @ParameterizedTest
    @MethodSource("responses")
    void aFilmReadByACameraIsTheReferences(Map<String, String> row) {
        FilmFit.Responses seen = new FilmFit.Responses(rgb(row, "pw_"), rgb(row, "pb_"), weights(row));
        agrees(FilmFit.of(grounds(row), seen), row);
    }

    private static void agrees(FilmFit.Film film, Map<String, String> row) {
        assertThat(film.finding().name()).isEqualTo(row.get("code"));
        Lab wanted = lab(row, "opaque_");
        assertThat(film.colour().lightness()).isCloseTo(wanted.lightness(), within(.02));
        assertThat(film.colour().a()).isCloseTo(wanted.a(), within(.02));
        assertThat(film.colour().b()).isCloseTo(wanted.b(), within(.02));
        assertThat(film.doubt()).isCloseTo(number(row, "doubt"), within(.02));
        assertThat(film.contrast()).isCloseTo(number(row, "contrast"), within(.001));
        if (film.finding() != FilmFit.Finding.HIDES) {
            assertThat(Math.log(film.coat())).isCloseTo(Math.log(number(row, "sx")), within(.005));
        }
    }

    @Test
    void bareGroundGivenAsACoatNeverFits() {
        FilmFit.Film none = FilmFit.of(PAPER, new FilmFit.Colours(PAPER.white(), PAPER.black()));
        assertThat(none.coat()).isLessThan(.02);
        assertThat(none.finding()).isNotEqualTo(FilmFit.Finding.FITS);
    }

    @Seeds(60)
    void aFilmOfTheModelComesBack(Draw draw) throws IOException {
        double[] opaque = anyColour(draw);
        double coat = draw.between(.3, 1.2);
        FilmFit.Film film = FilmFit.of(PAPER, seen(opaque, coat, 1));
        assertThat(film.colour().differenceFrom(Spectrum.of(opaque).toLab())).isLessThan(.5);
        assertThat(film.coat()).isCloseTo(coat, within(.03 * coat));
        double usual = Math.log(coat) / 1.2; // the misfit counts how far the coat is from a usual one
        assertThat(film.misfit() - usual * usual).isLessThan(.5);
    }

    @Seeds(60)
    void aShadeOnOneHalfRaisesTheMisfit(Draw draw) throws IOException {
        double[] opaque = anyColour(draw);
        double even = FilmFit.of(PAPER, seen(opaque, .6, 1)).misfit();
        assertThat(FilmFit.of(PAPER, seen(opaque, .6, .8)).misfit()).isGreaterThan(even);
    }

    /** A thin powder's colour from its thick smear: the thickness alone is left to find. */
    @Seeds(40)
    void aUsualCoatIsFoundByTheColourOfAThickOne(Draw draw) throws IOException {
        double[] opaque = anyColour(draw);
        FilmFit.Film thick = FilmFit.of(PAPER, seen(opaque, .9, 1));
        double coat = draw.between(.03, .2);
        FilmFit.Coat usual = FilmFit.usualCoat(thick, PAPER, seen(opaque, coat, 1));
        assertThat(usual.thickness()).isCloseTo(coat, within(.05 * coat));
    }

    private static double[] anyColour(Draw draw) {
        double[] z = new double[MadeUpColours.COMPONENTS];
        Arrays.setAll(z, i -> draw.between(-.6, .6));
        return MadeUpColours.reflectance(z);
    }

    /** Returns a coat as the golden file's first camera sees it, the light on the white half changed by a factor. */
    private static FilmFit.Responses seen(double[] opaque, double coat, double lightOnWhite) throws IOException {
        double[][] weights = weights(responses().findFirst().orElseThrow());
        return new FilmFit.Responses(
                roots(weights, opaque, PAPER.white(), coat, lightOnWhite),
                roots(weights, opaque, PAPER.black(), coat, 1),
                weights);
    }

    private static double[] roots(double[][] weights, double[] opaque, Lab ground, double coat, double light) {
        double[] under = LeastSlope.spectrumOf(ground).orElseThrow().toArray();
        double[] roots = new double[3];
        for (int c = 0; c < 3; c++) {
            double sum = 0;
            for (int i = 0; i < Spectrum.BANDS; i++) {
                double scattering = coat * Math.pow(Spectrum.wavelength(i) / 550.0, -.3);
                sum += weights[c][i] * KubelkaMunk.film(opaque[i], under[i], scattering);
            }
            roots[c] = Math.cbrt(light * sum);
        }
        return roots;
    }

    private static double[][] weights(Map<String, String> row) {
        double[][] weights = new double[3][Spectrum.BANDS];
        for (int c = 0; c < 3; c++) {
            for (int i = 0; i < Spectrum.BANDS; i++) {
                weights[c][i] = number(row, "W" + "RGB".charAt(c) + Spectrum.wavelength(i));
            }
        }
        return weights;
    }

    private static FilmFit.Grounds grounds(Map<String, String> row) {
        return new FilmFit.Grounds(lab(row, "bare_white_"), lab(row, "bare_black_"));
    }

    private static Lab lab(Map<String, String> row, String prefix) {
        return Lab.of(number(row, prefix + "L"), number(row, prefix + "a"), number(row, prefix + "b"));
    }

    private static double[] rgb(Map<String, String> row, String prefix) {
        return new double[] {number(row, prefix + "r"), number(row, prefix + "g"), number(row, prefix + "b")};
    }

    private static double number(Map<String, String> row, String column) {
        return Double.parseDouble(row.get(column));
    }
}
