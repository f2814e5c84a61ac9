package scree.core.image;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import scree.core.colour.Check;
import scree.core.colour.Lab;
import scree.core.colour.LeastSlope;
import scree.core.colour.MeasuredColours;
import scree.core.colour.Spectrum;

/**
 * What is known of the card that was printed: no two prints are alike, so measured values belong to one print.
 *
 * @param name what the artist calls this print
 * @param fields 24 fields by number
 * @param spectraKnown whether the reflectances were measured; otherwise they are guessed from L*a*b* and read with more doubt
 */
public record PrintedCard(String name, List<CardField> fields, boolean spectraKnown) {
    /** A print further off the design than this is more likely a mistake in the file. House choice: home printers miss by up to 12. */
    static final double FURTHEST = 25;

    private static final PrintedCard DESIGN = new PrintedCard("as designed", CardLayout.fields(), true);

    public PrintedCard {
        fields = List.copyOf(fields);
        if (fields.size() != CardLayout.fields().size()) {
            throw new IllegalArgumentException("the card has %d fields, but this lists %d: give one line for each field"
                    .formatted(CardLayout.fields().size(), fields.size()));
        }
    }

    /** Returns the card as designed: right for the stand-in camera, a rough start for a print that was not measured. */
    public static PrintedCard design() {
        return DESIGN;
    }

    /** Returns a print of which only colours under D65 were measured, by number. */
    public static PrintedCard ofColours(String name, List<Lab> colours) {
        List<CardField> fields = new ArrayList<>();
        for (int i = 0; i < colours.size(); i++) {
            int number = i + 1;
            Lab colour = near(number, colours.get(i));
            Spectrum guess = LeastSlope.spectrumOf(colour)
                    .orElseThrow(() -> new IllegalArgumentException(
                            "field %d: no printed surface has the colour %s; check the line"
                                    .formatted(number, colour)));
            fields.add(new CardField(number, colour, guess));
        }
        return new PrintedCard(name, fields, false);
    }

    /** Returns a print whose spectra were measured, by number. */
    public static PrintedCard ofSpectra(String name, List<Spectrum> spectra) {
        List<CardField> fields = new ArrayList<>();
        for (int i = 0; i < spectra.size(); i++) {
            fields.add(new CardField(i + 1, near(i + 1, spectra.get(i).toLab()), spectra.get(i)));
        }
        return new PrintedCard(name, fields, true);
    }

    /**
     * Reads a card file: CSV or CGATS text with one line a field, named 1 to 24, with colours or spectra.
     *
     * @throws IllegalArgumentException naming line, field and way out
     */
    public static PrintedCard read(String name, String text) {
        MeasuredColours file = MeasuredColours.read(text);
        Map<Integer, MeasuredColours.Line> byNumber = new TreeMap<>();
        for (MeasuredColours.Line line : file.lines()) {
            int number = numberOf(line);
            if (byNumber.put(number, line) != null) {
                throw new IllegalArgumentException(
                        "line %d: field %d is there twice; keep one".formatted(line.number(), number));
            }
        }
        for (CardField field : CardLayout.fields()) {
            if (!byNumber.containsKey(field.number())) {
                throw new IllegalArgumentException(
                        "field %d is missing: the card has 24 fields, numbered from the design"
                                .formatted(field.number()));
            }
        }
        boolean spectra = byNumber.values().stream().allMatch(l -> l.spectrum().isPresent());
        return spectra
                ? ofSpectra(
                        name,
                        byNumber.values().stream()
                                .map(l -> l.spectrum().orElseThrow())
                                .toList())
                : ofColours(
                        name,
                        byNumber.values().stream()
                                .map(MeasuredColours.Line::colour)
                                .toList());
    }

    private static int numberOf(MeasuredColours.Line line) {
        String digits = line.name().replaceAll("\\D", "");
        int number = digits.isEmpty() || digits.length() > 3 ? 0 : Integer.parseInt(digits);
        if (number < 1 || number > CardLayout.fields().size()) {
            throw new IllegalArgumentException(
                    "line %d: %s is no field of the card; name them 1 to 24".formatted(line.number(), line.name()));
        }
        return number;
    }

    private static Lab near(int number, Lab measured) {
        Check.inRange("number of the field", number, 1, CardLayout.fields().size(), "the card has 24 fields");
        Lab design = CardLayout.fields().get(number - 1).colour();
        double off = measured.differenceFrom(design);
        if (off > FURTHEST) {
            throw new IllegalArgumentException(String.format(
                    Locale.ROOT,
                    "field %d is %.0f ΔE00 away from the design (L* %.0f a* %.0f b* %.0f): is the order of the lines right, and is it D65?",
                    number,
                    off,
                    design.lightness(),
                    design.a(),
                    design.b()));
        }
        return measured;
    }
}
