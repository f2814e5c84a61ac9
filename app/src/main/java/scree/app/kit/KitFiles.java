package scree.app.kit;

import java.nio.charset.StandardCharsets;
import java.util.List;
import org.springframework.stereotype.Component;
import scree.app.studio.StudioId;
import scree.app.studio.StudioTime;

/** Tells what kind of file a kit comes in, and reads it: CSV, JSON, or measured colours as CGATS. */
@Component
class KitFiles {
    private final KitCsv csv;
    private final KitJson json;
    private final KitCgats cgats;
    private final KitChanges changes;
    private final StudioTime time;

    KitFiles(KitCsv csv, KitJson json, KitCgats cgats, KitChanges changes, StudioTime time) {
        this.csv = csv;
        this.json = json;
        this.cgats = cgats;
        this.changes = changes;
        this.time = time;
    }

    /** A file held against a kit; without problems it can come in. */
    record Held(KitFile file, KitMerge merge) {
        boolean ready() {
            return file.problems().isEmpty();
        }
    }

    Held hold(StudioId studio, byte[] bytes) {
        List<KitRow> kit = changes.rows(studio);
        KitFile file = read(bytes, kit, studio);
        return new Held(file, file.problems().isEmpty() ? KitMerge.of(file.rows(), kit) : null);
    }

    private KitFile read(byte[] bytes, List<KitRow> kit, StudioId studio) {
        String text = new String(bytes, StandardCharsets.UTF_8);
        if (text.startsWith("\ufeff")) {
            text = text.substring(1);
        }
        if (text.stripLeading().startsWith("{")) {
            return json.read(text);
        }
        boolean table = text.lines().anyMatch(l -> l.strip().equals("BEGIN_DATA"));
        return table ? cgats.read(text, kit, time.today(studio)) : csv.read(bytes);
    }
}
