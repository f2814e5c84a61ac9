package scree.app.picture;

import com.github.benmanes.caffeine.cache.Cache;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import javax.imageio.ImageIO;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import scree.app.bin.BinTable;
import scree.app.bin.Deletable;
import scree.app.memory.Memories;
import scree.app.studio.Secrets;
import scree.app.studio.StudioId;
import scree.app.web.BadInput;
import scree.app.web.NotHere;
import scree.core.image.PictureIntake;
import scree.core.image.Raster;
import scree.core.image.Thumb;

/** Takes pictures in, keeps them bare of metadata, and gives them back as pixels. */
@Service
public class Pictures implements Deletable {
    private static final int THUMB_SIDE = 320;
    /** Pixels of pictures being worked on, kept in memory: two of the stored size at 4 bytes. */
    private static final long PIXELS_KEPT = 2L * 2000 * 1500;

    private final PictureMapper mapper;
    private final PictureGate gate;
    /**
     * The pictures being worked on: dragging a zone reads the same one again and again. A stored picture never changes, so
     * several processes may each keep it; whoever asks is first checked against the database.
     */
    private final Cache<Long, Raster> recent;

    Pictures(PictureMapper mapper, PictureGate gate, Memories memories) {
        this.recent = memories.keep("rasters", PIXELS_KEPT, (Long id, Raster r) -> r.width() * r.height());
        this.mapper = mapper;
        this.gate = gate;
    }

    /**
     * A picture made ready to be kept: read, shrunk, bare of everything but pixels.
     *
     * @param raster as the stored file will be read again, so that a second look gives the same figures
     * @param camera make and model as the file said, or null
     */
    public record Ready(Raster raster, byte[] jpeg, byte[] thumb, String sha256, String camera) {}

    /**
     * Reads an upload. Takes its turn behind other pictures and holds nothing in the database meanwhile.
     *
     * @throws scree.core.image.PictureRefused when it is no usable picture, or its turn did not come
     */
    public Ready ready(Upload upload) {
        return gate.read(upload, (bytes, patience) -> {
            byte[] jpeg = PictureIntake.encodeForStore(PictureIntake.read(bytes, patience));
            Raster stored = PictureIntake.read(jpeg);
            byte[] thumb = PictureIntake.encodeJpeg(Thumb.of(stored, THUMB_SIDE), 0.9f);
            return new Ready(
                    stored,
                    jpeg,
                    thumb,
                    Secrets.hash(jpeg),
                    PictureIntake.cameraOf(bytes).orElse(null));
        });
    }

    /** Returns a picture that was made ready before, from what was kept of it. */
    public static Ready again(byte[] jpeg, byte[] thumb, String sha256, String camera) {
        return new Ready(PictureIntake.read(jpeg), jpeg, thumb, sha256, camera);
    }

    /** Stores a picture and returns its id; the same one sent twice is stored once. */
    @Transactional
    public long store(StudioId studio, long sitting, Ready ready) {
        Picture newest = latest(studio, List.of(sitting)).get(sitting);
        if (newest != null && newest.sha256().equals(ready.sha256())) {
            return newest.id();
        }
        long id = add(studio, sitting, ready, false);
        recent.put(id, ready.raster());
        return id;
    }

    /** Stores a picture of the work; it is no portrait to read skin from. */
    @Transactional
    public long storeAtChair(StudioId studio, long sitting, Ready ready) {
        return add(studio, sitting, ready, true);
    }

    private long add(StudioId studio, long sitting, Ready ready, boolean atChair) {
        if (mapper.withdrawn(studio, sitting)) {
            throw new BadInput("picture", "consent.withdrawn.picture");
        }
        return mapper.add(
                studio,
                sitting,
                ready.sha256(),
                ready.raster().width(),
                ready.raster().height(),
                ready.jpeg(),
                ready.thumb(),
                ready.camera(),
                atChair);
    }

    /** Returns a stored picture's pixels. */
    public Raster raster(StudioId studio, long id) {
        get(studio, id); // asked before the cache, so that another studio never gets a hit
        return recent.get(id, key -> PictureIntake.read(jpeg(studio, id)));
    }

    /** Returns whether a picture is there, neither deleted nor another studio's. */
    public boolean has(StudioId studio, long id) {
        return mapper.find(studio, id) != null;
    }

    /** @throws NotHere when the studio has no such picture */
    public byte[] jpeg(StudioId studio, long id) {
        return NotHere.unless(mapper.jpeg(studio, id), "picture").bytes();
    }

    /** @throws NotHere when the studio has no such picture */
    public byte[] thumb(StudioId studio, long id) {
        return NotHere.unless(mapper.thumb(studio, id), "picture").bytes();
    }

    /** Returns which phone took it, as far as the file said. */
    public Optional<String> camera(StudioId studio, long id) {
        return Optional.ofNullable(mapper.camera(studio, id));
    }

    /** Returns a layer as PNG. */
    public static byte[] png(BufferedImage layer) {
        try (var bytes = new ByteArrayOutputStream()) {
            ImageIO.write(layer, "png", bytes);
            return bytes.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException("a PNG could not be written in memory", e);
        }
    }

    /** @throws NotHere when the studio has no such picture */
    public Picture get(StudioId studio, long id) {
        return NotHere.unless(mapper.find(studio, id), "picture");
    }

    /** Returns the newest picture of each sitting that has one. */
    public Map<Long, Picture> latest(StudioId studio, Collection<Long> sittings) {
        if (sittings.isEmpty()) {
            return Map.of();
        }
        return mapper.latest(studio, sittings).stream().collect(Collectors.toMap(Picture::sittingId, p -> p));
    }

    @Override
    public String kind() {
        return "picture";
    }

    @Override
    public BinTable table() {
        return mapper;
    }
}
