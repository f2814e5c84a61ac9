package scree.core.colour;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Objects;

/** A plain CSV table of constants on the class path: one header line, no quoting, dot as decimal sign. */
public record Table(List<String[]> rows) {
    /** Reads {@code name} beside {@code owner}, under the same package path. */
    public static Table beside(Class<?> owner, String name) {
        String path = "/" + owner.getPackageName().replace("core.", "").replace('.', '/') + "/" + name;
        var stream = Objects.requireNonNull(owner.getResourceAsStream(path), path);
        try (var reader = new BufferedReader(new InputStreamReader(stream, StandardCharsets.UTF_8))) {
            return new Table(reader.lines()
                    .skip(1)
                    .filter(line -> !line.isBlank())
                    .map(line -> line.split(","))
                    .toList());
        } catch (IOException e) {
            throw new UncheckedIOException(path, e);
        }
    }

    /** Returns the numbers of one row from column {@code from} to its end. */
    public double[] numbers(int row, int from) {
        String[] cells = rows.get(row);
        double[] numbers = new double[cells.length - from];
        for (int i = from; i < cells.length; i++) {
            numbers[i - from] = Double.parseDouble(cells[i]);
        }
        return numbers;
    }

    /** Returns one column as numbers. */
    public double[] column(int column) {
        return rows.stream().mapToDouble(row -> Double.parseDouble(row[column])).toArray();
    }
}
