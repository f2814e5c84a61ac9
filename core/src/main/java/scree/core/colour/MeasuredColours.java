package scree.core.colour;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Measured colours from a text file: the keyword table of ISO 28178 (CGATS) or plain CSV with a header. Understands LAB_L, LAB_A,
 * LAB_B (or L, a, b) and spectra as SPECTRAL_NM_380, nm380, R380 and the like, 0..1 or per cent, 380 to 730 nm by 10 nm.
 *
 * @param lines one a measured patch, in the file's order
 */
public record MeasuredColours(List<Line> lines) {
    /** More is no list of patches. */
    private static final int MOST_LINES = 25_000;

    private static final Pattern WAVELENGTH = Pattern.compile("(?:SPECTRAL_?(?:NM|DEC|PCT)?_?|NM_?|R_?)(\\d{3})");
    private static final double D50_X = 0.96422;
    private static final double D50_Z = 0.82521;
    /** Bradford from D50 to D65, after Lindbloom's published matrix of the same name. */
    private static final double[][] D50_TO_D65 = {
        {0.9555766, -0.0230393, 0.0631636}, {-0.0282895, 1.0099416, 0.0210077}, {0.0122982, -0.0204830, 1.3299098}
    };

    /**
     * One measured patch.
     *
     * @param number line of the file, from 1
     * @param name sample id or name
     * @param colour under D65
     * @param spectrum when it was measured
     */
    public record Line(int number, String name, Lab colour, Optional<Spectrum> spectrum) {}

    public MeasuredColours {
        lines = List.copyOf(lines);
    }

    /** @throws IllegalArgumentException naming line, field and way out */
    public static MeasuredColours read(String text) {
        List<String> raw = text.lines().toList();
        if (raw.size() > MOST_LINES) {
            throw new IllegalArgumentException(
                    "the file has more than %d lines: give the patches only".formatted(MOST_LINES));
        }
        return raw.stream().anyMatch(l -> l.strip().equals("BEGIN_DATA")) ? table(raw) : csv(raw);
    }

    private static MeasuredColours table(List<String> raw) {
        List<String> names = new ArrayList<>();
        List<Line> lines = new ArrayList<>();
        boolean naming = false;
        boolean data = false;
        boolean d50 = true; // what the standard means when nothing is said
        for (int i = 0; i < raw.size(); i++) {
            String line = raw.get(i).strip();
            String upper = line.toUpperCase(Locale.ROOT);
            if (upper.contains("D65")) {
                d50 = false;
            }
            switch (upper) {
                case "BEGIN_DATA_FORMAT" -> naming = true;
                case "END_DATA_FORMAT" -> naming = false;
                case "BEGIN_DATA" -> data = true;
                case "END_DATA" -> data = false;
                default -> {
                    if (naming) {
                        names.addAll(Arrays.asList(upper.split("\\s+")));
                    } else if (data && !line.isEmpty()) {
                        lines.add(line(i + 1, names, cells(line), d50));
                    }
                }
            }
        }
        return checked(lines);
    }

    private static List<String> cells(String line) {
        List<String> cells = new ArrayList<>();
        Matcher m = Pattern.compile("\"([^\"]*)\"|(\\S+)").matcher(line);
        while (m.find()) {
            cells.add(m.group(1) != null ? m.group(1) : m.group(2));
        }
        return cells;
    }

    private static MeasuredColours csv(List<String> raw) {
        List<Line> lines = new ArrayList<>();
        List<String> names = List.of();
        for (int i = 0; i < raw.size(); i++) {
            String line = raw.get(i).strip();
            if (line.isEmpty() || line.startsWith("#")) {
                continue;
            }
            List<String> cells =
                    Arrays.stream(line.split("[,;\t]", -1)).map(String::strip).toList();
            if (names.isEmpty()) {
                names = cells.stream().map(c -> c.toUpperCase(Locale.ROOT)).toList();
            } else {
                lines.add(line(i + 1, names, cells, false));
            }
        }
        return checked(lines);
    }

    private static MeasuredColours checked(List<Line> lines) {
        if (lines.isEmpty()) {
            throw new IllegalArgumentException(
                    "no measured colours were found: give CSV with L, a, b or R380 to R730, or a CGATS text file");
        }
        return new MeasuredColours(lines);
    }

    private static Line line(int number, List<String> names, List<String> cells, boolean d50) {
        if (cells.size() != names.size()) {
            throw new IllegalArgumentException(
                    "line %d has %d columns, its header %d: check for a missing comma or value"
                            .formatted(number, cells.size(), names.size()));
        }
        Map<String, String> byName = new LinkedHashMap<>();
        for (int i = 0; i < names.size(); i++) {
            byName.putIfAbsent(names.get(i), cells.get(i));
        }
        String name = first(byName, "SAMPLE_NAME", "SAMPLEID", "SAMPLE_ID", "NAME", "FIELD", "NUMBER", "ID")
                .orElse("" + number);
        Optional<Spectrum> spectrum = spectrum(number, byName);
        if (spectrum.isPresent()) {
            return new Line(number, name, spectrum.get().toLab(), spectrum);
        }
        double l = value(number, byName, 0, 100, "LAB_L", "L", "L*");
        double a = value(number, byName, -128, 128, "LAB_A", "A", "A*");
        double b = value(number, byName, -128, 128, "LAB_B", "B", "B*");
        Lab colour = Lab.of(l, a, b);
        return new Line(number, name, d50 ? adapted(colour) : colour, Optional.empty());
    }

    private static Optional<Spectrum> spectrum(int number, Map<String, String> byName) {
        double[] bands = new double[Spectrum.BANDS];
        boolean[] have = new boolean[Spectrum.BANDS];
        double most = 0;
        int count = 0;
        for (var entry : byName.entrySet()) {
            Matcher m = WAVELENGTH.matcher(entry.getKey());
            int nm = m.matches() ? Integer.parseInt(m.group(1)) : 0;
            int band = (nm - 380) / 10;
            if (nm >= 380 && nm <= 730 && nm % 10 == 0) {
                bands[band] = parse(number, entry.getKey(), entry.getValue());
                most = Math.max(most, bands[band]);
                count += have[band] ? 0 : 1;
                have[band] = true;
            }
        }
        if (count == 0) {
            return Optional.empty();
        }
        if (count < Spectrum.BANDS) {
            throw new IllegalArgumentException(
                    "line %d has %d of 36 spectral columns: give 380 to 730 nm by 10 nm, or L*, a*, b* only"
                            .formatted(number, count));
        }
        double scale = most > 1.5 ? 0.01 : 1;
        try {
            return Optional.of(
                    Spectrum.of(Arrays.stream(bands).map(v -> v * scale).toArray()));
        } catch (IllegalArgumentException e) {
            throw new IllegalArgumentException("line %d: %s".formatted(number, e.getMessage()), e);
        }
    }

    private static Optional<String> first(Map<String, String> byName, String... names) {
        return Arrays.stream(names)
                .map(byName::get)
                .filter(v -> v != null && !v.isEmpty())
                .findFirst();
    }

    private static double value(int number, Map<String, String> byName, double low, double high, String... names) {
        String cell = first(byName, names)
                .orElseThrow(() -> new IllegalArgumentException(
                        "line %d has no %s: give LAB_L, LAB_A, LAB_B or a spectrum".formatted(number, names[0])));
        double v = parse(number, names[0], cell);
        return Check.inRange("line %d, %s".formatted(number, names[0]), v, low, high, "check the column's order");
    }

    private static double parse(int number, String name, String cell) {
        try {
            return Double.parseDouble(cell);
        } catch (NumberFormatException e) {
            throw new IllegalArgumentException(
                    "line %d, %s: %s is no number; use a dot as decimal sign".formatted(number, name, cell), e);
        }
    }

    private static Lab adapted(Lab d50) {
        double fy = (d50.lightness() + 16) / 116;
        double x = D50_X * inverse(fy + d50.a() / 500);
        double y = inverse(fy);
        double z = D50_Z * inverse(fy - d50.b() / 200);
        double[] out = new double[3];
        for (int i = 0; i < 3; i++) {
            out[i] = D50_TO_D65[i][0] * x + D50_TO_D65[i][1] * y + D50_TO_D65[i][2] * z;
        }
        return new Xyz(out[0], out[1], out[2]).toLab(Xyz.D65);
    }

    private static double inverse(double f) {
        double cube = f * f * f;
        return cube > 216.0 / 24389 ? cube : (116 * f - 16) * 27 / 24389;
    }
}
