package scree.core.image;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.zip.DataFormatException;
import java.util.zip.Inflater;
import scree.core.image.KeptBytes.Span;

/**
 * What a file says of itself before any pixel is decoded: its format by content, its size, and which of its parts a decoder may
 * see. Texts, thumbnails and everything else that no pixel needs are left out unread; a file whose parts run past its end, break
 * off, or are more than a camera writes is refused here.
 *
 * @param width in pixels as stored, before any turning; 0 where only the decoder can tell
 * @param bytesPerPixel that decoding takes
 * @param kept parts for the decoder
 * @param exif from its TIFF header on, or empty
 */
record PictureFile(Format format, int width, int height, int bytesPerPixel, List<Span> kept, byte[] exif) {
    PictureFile {
        kept = joined(kept);
    }

    /** Parts that lie one behind the other are handed over as one. */
    private static List<Span> joined(List<Span> spans) {
        List<Span> joined = new ArrayList<>();
        for (Span span : spans) {
            int last = joined.size() - 1;
            if (last >= 0 && joined.get(last).to() == span.from()) {
                joined.set(last, new Span(joined.get(last).from(), span.to()));
            } else {
                joined.add(span);
            }
        }
        return List.copyOf(joined);
    }

    /** House limit: progressive files of cameras and editors have 3 to 14 scans; each costs a pass over all pixels. */
    static final int MOST_SCANS = 32;
    /** House limit: the largest profile met is 600 kB. */
    private static final int MOST_PROFILE_BYTES = 4 * 1024 * 1024;
    /** House limit: a JPEG has a few dozen parts before its pixels, a PNG as many chunks as it has megabytes, or more. */
    private static final int MOST_PARTS = 20_000;

    /** What can be read. */
    enum Format {
        JPEG,
        PNG,
        WEBP
    }

    /** @throws PictureRefused when it is none of the three, or contradicts itself */
    static PictureFile of(byte[] file) {
        if (file.length == 0) {
            throw new PictureRefused(PictureRefused.Why.EMPTY);
        }
        if (file.length > PictureIntake.MOST_BYTES) {
            throw new PictureRefused(PictureRefused.Why.FILE_TOO_LARGE);
        }
        try {
            return switch (formatOf(file)) {
                case JPEG -> jpeg(file);
                case PNG -> png(file);
                case WEBP -> webp(file);
            };
        } catch (IndexOutOfBoundsException | IllegalArgumentException breaksOff) {
            throw broken();
        }
    }

    private static Format formatOf(byte[] f) {
        if (f.length > 3 && u8(f, 0) == 0xff && u8(f, 1) == 0xd8 && u8(f, 2) == 0xff) {
            return Format.JPEG;
        }
        if (f.length > 8 && u8(f, 0) == 0x89 && text(f, 1, 3).equals("PNG")) {
            return Format.PNG;
        }
        if (f.length > 12 && text(f, 0, 4).equals("RIFF") && text(f, 8, 4).equals("WEBP")) {
            return Format.WEBP;
        }
        String brand = f.length > 12 ? text(f, 4, 8).toLowerCase(Locale.ROOT) : "";
        boolean heic = brand.startsWith("ftyphe") || brand.equals("ftypmif1") || brand.equals("ftypmsf1");
        throw new PictureRefused(heic ? PictureRefused.Why.HEIC : PictureRefused.Why.NOT_A_PICTURE);
    }

    // ---- JPEG: ISO/IEC 10918-1, annex B ----

    private static final int START = 0xd8;
    private static final int END = 0xd9;
    private static final int SCAN = 0xda;

    private static PictureFile jpeg(byte[] f) {
        List<Span> kept = new ArrayList<>();
        kept.add(new Span(0, 2));
        byte[] exif = {};
        int[] size = null;
        int scans = 0;
        int profile = 0;
        int declared = -1;
        int at = 2;
        for (int parts = 0; parts < MOST_PARTS; parts++) {
            while (u8(f, at) == 0xff && u8(f, at + 1) == 0xff) {
                at++; // fill bytes
            }
            if (u8(f, at) != 0xff) {
                throw broken();
            }
            int marker = u8(f, at + 1);
            if (marker == END) {
                kept.add(new Span(at, at + 2));
                if (size == null || scans == 0 || declared > profile) {
                    throw broken();
                }
                return new PictureFile(Format.JPEG, size[0], size[1], size[2], kept, exif);
            }
            if (marker == START || marker == 0) {
                throw broken();
            }
            int end = at + 2 + u16(f, at + 2);
            if (end > f.length || u16(f, at + 2) < 2) {
                throw broken();
            }
            if (marker == SCAN) {
                if (++scans > MOST_SCANS) {
                    throw broken();
                }
                end = endOfScan(f, end);
                kept.add(new Span(at, end));
            } else if (frame(marker)) {
                size = new int[] {u16(f, at + 7), u16(f, at + 5), Math.max(3, u8(f, at + 9))};
                kept.add(new Span(at, end));
            } else if (marker == 0xe1 && exif.length == 0 && starts(f, at + 4, "Exif\0\0")) {
                exif = Arrays.copyOfRange(f, at + 10, end);
            } else if (marker == 0xe2 && starts(f, at + 4, "ICC_PROFILE\0")) {
                profile += end - at - 18;
                declared = u8(f, at + 16) == 1 ? (int) Math.min(Integer.MAX_VALUE, u32(f, at + 18)) : declared;
                if (profile > MOST_PROFILE_BYTES) {
                    throw broken();
                }
                kept.add(new Span(at, end));
            } else if (marker == 0xe0 && starts(f, at + 4, "JFIF\0") || marker == 0xee || table(marker)) {
                kept.add(new Span(at, end));
            }
            at = end;
        }
        throw broken();
    }

    private static boolean frame(int marker) {
        return marker >= 0xc0 && marker <= 0xcf && marker != 0xc4 && marker != 0xc8 && marker != 0xcc;
    }

    /** Huffman, arithmetic and quantisation tables, number of lines, restart interval. */
    private static boolean table(int marker) {
        return marker == 0xc4 || marker == 0xcc || marker == 0xdb || marker == 0xdc || marker == 0xdd;
    }

    /** Returns the place of the first marker that is none of a scan's own. */
    private static int endOfScan(byte[] f, int from) {
        for (int i = from; ; i++) {
            if (f[i] == (byte) 0xff) {
                int next = u8(f, i + 1);
                boolean own = next == 0 || next >= 0xd0 && next <= 0xd7;
                if (!own && next != 0xff) {
                    return i;
                }
            }
        }
    }

    // ---- PNG: ISO/IEC 15948 ----

    private static final List<String> NEEDED =
            List.of("IHDR", "PLTE", "tRNS", "gAMA", "cHRM", "sRGB", "iCCP", "IDAT", "IEND");
    /** Channels by colour type. */
    private static final int[] CHANNELS = {1, 0, 3, 1, 2, 0, 4};

    private static PictureFile png(byte[] f) {
        List<Span> kept = new ArrayList<>();
        kept.add(new Span(0, 8));
        byte[] exif = {};
        int[] size = null;
        int at = 8;
        for (int parts = 0; parts < MOST_PARTS; parts++) {
            long length = u32(f, at);
            String name = text(f, at + 4, 4);
            if (length > f.length - at - 12L) {
                throw broken();
            }
            int end = at + 12 + (int) length;
            if (size == null) {
                if (!name.equals("IHDR") || length != 13) {
                    throw broken();
                }
                int type = u8(f, at + 17);
                if (type > 6 || CHANNELS[type] == 0) {
                    throw broken();
                }
                int bytes = Math.max(4, CHANNELS[type] * Math.max(1, u8(f, at + 16) / 8));
                size = new int[] {dimension(u32(f, at + 8)), dimension(u32(f, at + 12)), bytes};
            }
            if (name.equals("iCCP")) {
                refuseSwollen(f, at + 8, end - 4);
            }
            if (name.equals("eXIf")) {
                exif = Arrays.copyOfRange(f, at + 8, end - 4);
            } else if (NEEDED.contains(name)) {
                kept.add(new Span(at, end));
            }
            if (name.equals("IEND")) {
                return new PictureFile(Format.PNG, size[0], size[1], size[2], kept, exif);
            }
            at = end;
        }
        throw broken();
    }

    private static int dimension(long claimed) {
        return (int) Math.min(Integer.MAX_VALUE, claimed);
    }

    /** A profile is packed: one that swells past what any profile is was made to do so. */
    private static void refuseSwollen(byte[] f, int from, int to) {
        int name = from;
        while (u8(f, name) != 0) {
            name++;
        }
        Inflater inflater = new Inflater();
        try {
            inflater.setInput(f, name + 2, Math.max(0, to - name - 2));
            byte[] some = new byte[8192];
            int whole = 0;
            for (int n = inflater.inflate(some); n > 0; n = inflater.inflate(some)) {
                whole += n;
                if (whole > MOST_PROFILE_BYTES) {
                    throw broken();
                }
            }
        } catch (DataFormatException e) {
            throw broken();
        } finally {
            inflater.end();
        }
    }

    // ---- WebP: RIFF container ----

    private static PictureFile webp(byte[] f) {
        long whole = 8 + u32le(f, 4);
        if (whole > f.length) {
            throw broken();
        }
        byte[] exif = {};
        int at = 12;
        for (int parts = 0; parts < MOST_PARTS && at + 8 <= whole; parts++) {
            long length = u32le(f, at + 4);
            if (length > whole - at - 8) {
                throw broken();
            }
            if (text(f, at, 4).equals("EXIF")) {
                int skip = starts(f, at + 8, "Exif\0\0") ? 6 : 0;
                exif = Arrays.copyOfRange(f, at + 8 + skip, at + 8 + (int) length);
            }
            at += 8 + (int) (length + (length & 1));
        }
        return new PictureFile(Format.WEBP, 0, 0, 4, List.of(new Span(0, f.length)), exif);
    }

    // ---- bytes ----

    private static PictureRefused broken() {
        return new PictureRefused(PictureRefused.Why.BROKEN);
    }

    private static boolean starts(byte[] f, int at, String with) {
        return at + with.length() <= f.length && text(f, at, with.length()).equals(with);
    }

    private static String text(byte[] file, int from, int length) {
        return new String(file, from, length, StandardCharsets.ISO_8859_1);
    }

    private static int u8(byte[] f, int at) {
        return f[at] & 0xff;
    }

    private static int u16(byte[] f, int at) {
        return u8(f, at) << 8 | u8(f, at + 1);
    }

    private static long u32(byte[] f, int at) {
        return (long) u16(f, at) << 16 | u16(f, at + 2);
    }

    private static long u32le(byte[] f, int at) {
        return u8(f, at) | u8(f, at + 1) << 8 | u8(f, at + 2) << 16 | (long) u8(f, at + 3) << 24;
    }
}
