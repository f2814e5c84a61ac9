package scree.app.sitting;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.web.bind.annotation.ControllerAdvice;
import scree.app.web.Words;

/** The help on keys of every page: those of all pages, between them those that each stage brings in its messages. */
@ControllerAdvice
public class StageKeys {
    private final List<StageOfSitting> stages;
    private final Words words;

    StageKeys(ObjectProvider<StageOfSitting> stages, Words words) {
        this.stages = stages.stream()
                .sorted(Comparator.comparingInt(StageOfSitting::order))
                .toList();
        this.words = words;
    }

    /** Keys that belong together, and what they do. */
    public record Line(List<String> caps, String words) {}

    /** Returns all lines in the order of the stages. */
    public List<Line> lines() {
        List<Line> lines = new ArrayList<>();
        String names = stages.stream().map(s -> words.say("stage." + s.key())).collect(Collectors.joining(", "));
        add(lines, "first", names);
        add(lines, "day");
        stages.forEach(s -> add(lines, s.key()));
        add(lines, "last");
        return lines;
    }

    private void add(List<Line> lines, String whose, Object... args) {
        for (int i = 1; ; i++) {
            Optional<String> line = words.find("keys." + whose + "." + i, args);
            if (line.isEmpty()) {
                return;
            }
            String[] parts = line.get().split(" \\| ");
            lines.add(new Line(List.of(parts[0].split(" ")), parts[1]));
        }
    }
}
