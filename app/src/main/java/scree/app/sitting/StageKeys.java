package scree.app.sitting;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.context.MessageSource;
import org.springframework.web.bind.annotation.ControllerAdvice;

/** The help on keys of every page: those of all pages, between them those that each stage brings in its messages. */
@ControllerAdvice
public class StageKeys {
    private final List<StageOfSitting> stages;
    private final MessageSource messages;

    StageKeys(ObjectProvider<StageOfSitting> stages, MessageSource messages) {
        this.stages = stages.stream()
                .sorted(Comparator.comparingInt(StageOfSitting::order))
                .toList();
        this.messages = messages;
    }

    /** Keys that belong together, and what they do. */
    public record Line(List<String> caps, String words) {}

    /** Returns all lines in the order of the stages. */
    public List<Line> lines(Locale locale) {
        List<Line> lines = new ArrayList<>();
        String names = stages.stream()
                .map(s -> messages.getMessage("stage." + s.key(), null, locale))
                .collect(Collectors.joining(", "));
        add(lines, "first", locale, stages.size(), names);
        stages.forEach(s -> add(lines, s.key(), locale));
        add(lines, "last", locale);
        return lines;
    }

    private void add(List<Line> lines, String whose, Locale locale, Object... args) {
        for (int i = 1; ; i++) {
            String line = messages.getMessage("keys." + whose + "." + i, args, null, locale);
            if (line == null) {
                return;
            }
            String[] parts = line.split(" \\| ");
            lines.add(new Line(List.of(parts[0].split(" ")), parts[1]));
        }
    }
}
