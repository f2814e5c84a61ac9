package scree.app.picture;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.Collection;
import java.util.HexFormat;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import javax.imageio.ImageIO;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import scree.app.studio.StudioId;
import scree.app.web.NotHere;
import scree.core.image.PictureIntake;
import scree.core.image.Raster;

/** Takes pictures in, keeps them bare of metadata, and gives them back as pixels. */
@Service
public class Pictures {
    private static final int THUMB_SIDE = 320;
    private static final int RASTERS_KEPT = 6;
    private final PictureMapper mapper;
    /** The pictures being worked on: dragging a zone reads the same one again and again. */
    private final Map<Long, Raster> recent = new LinkedHashMap<>(16, 0.75f, true) {
        private static final long serialVersionUID = 1;

        @Override
        protected boolean removeEldestEntry(Map.Entry<Long, Raster> eldest) {
            return size() > RASTERS_KEPT;
        }
    };

    Pictures(PictureMapper mapper) {
        this.mapper = mapper;
    }

    /**
     * Stores an uploaded file and returns its id.
     *
     * @throws scree.core.image.PictureRefused when it is no usable picture
     */
    @Transactional
    public long store(StudioId studio, long sitting, byte[] upload) {
        Raster raster = PictureIntake.read(upload).shrunkTo(PictureIntake.STORED_LONGEST_SIDE);
        byte[] jpeg = PictureIntake.encodeForStore(raster);
        byte[] thumb = PictureIntake.encodeJpeg(faceCrop(raster).shrunkTo(THUMB_SIDE), 0.9f);
        return mapper.add(
                studio,
                sitting,
                sha256(jpeg),
                raster.width(),
                raster.height(),
                jpeg,
                thumb,
                PictureIntake.cameraOf(upload).orElse(null));
    }

    /** Returns a stored picture's pixels. */
    public Raster raster(StudioId studio, long id) {
        byte[] jpeg = jpeg(studio, id); // asked before the cache, so that another studio never gets a hit
        synchronized (recent) {
            return recent.computeIfAbsent(id, key -> PictureIntake.read(jpeg));
        }
    }

    public byte[] jpeg(StudioId studio, long id) {
        return NotHere.unless(mapper.jpeg(studio, id), "picture").bytes();
    }

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

    /** The upper middle of a portrait, for small faces on Today. */
    private static Raster faceCrop(Raster r) {
        int side = (int) (0.52 * Math.min(r.width(), r.height()));
        int left = (r.width() - side) / 2;
        int top = Math.max(0, (int) (0.40 * r.height() - 0.46 * side));
        return Raster.of(copy(r, left, top, side));
    }

    private static java.awt.image.BufferedImage copy(Raster r, int left, int top, int side) {
        var image = new java.awt.image.BufferedImage(side, side, java.awt.image.BufferedImage.TYPE_INT_RGB);
        image.getGraphics().drawImage(r.toImage(), -left, -top, null);
        return image;
    }

    private static String sha256(byte[] bytes) {
        try {
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(bytes));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java has SHA-256", e);
        }
    }
}
