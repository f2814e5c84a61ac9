package scree.app.kit;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import scree.app.studio.Member;

/**
 * Some thirty things of no maker for a studio that begins: bases that follow usual skin from very fair to very deep, and one of each kind
 * beside. To be replaced by the own ones, or taken back whole, as any file that was brought in.
 */
@Service
public class StarterKit {
    private static final String FILE = "starter-kit.csv";

    private final KitFiles files;
    private final KitChanges changes;

    StarterKit(KitFiles files, KitChanges changes) {
        this.files = files;
        this.changes = changes;
    }

    /** Brings it into a kit. */
    @Transactional
    public void into(Member me) {
        try (InputStream in = StarterKit.class.getResourceAsStream(FILE)) {
            changes.bringIn(me, files.hold(me.studio(), in.readAllBytes()).merge(), done -> {});
        } catch (IOException e) {
            throw new UncheckedIOException("the starter kit cannot be read", e);
        }
    }
}
