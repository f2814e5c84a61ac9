package scree.standins.mail;

import com.icegreen.greenmail.store.FolderException;
import com.icegreen.greenmail.util.GreenMail;
import com.icegreen.greenmail.util.ServerSetup;
import jakarta.mail.BodyPart;
import jakarta.mail.MessagingException;
import jakarta.mail.Multipart;
import jakarta.mail.Part;
import jakarta.mail.internet.MimeMessage;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;

/** A mail server that takes every letter and keeps it in memory for whoever looks. */
public final class LoopbackMail implements AutoCloseable {
    private final GreenMail server;

    private LoopbackMail(GreenMail server) {
        this.server = server;
    }

    /** Starts one on a free port of this machine. */
    public static LoopbackMail start() {
        GreenMail server = new GreenMail(new ServerSetup(0, "127.0.0.1", ServerSetup.PROTOCOL_SMTP));
        server.start();
        return new LoopbackMail(server);
    }

    /**
     * A letter as it came in.
     *
     * @param number its Message-ID
     */
    public record Taken(
            String number,
            String from,
            String replyTo,
            String to,
            String subject,
            String text,
            Instant at,
            List<File> files) {
        public Taken {
            files = List.copyOf(files);
        }
    }

    /** What came with a letter. */
    public record File(String name, String type, byte[] bytes) {}

    /** Returns the port it listens on. */
    public int port() {
        return server.getSmtp().getPort();
    }

    /** Returns what came in, the newest first. */
    public List<Taken> letters() {
        List<Taken> taken = new ArrayList<>(Arrays.stream(server.getReceivedMessages())
                .map(LoopbackMail::taken)
                .toList());
        Collections.reverse(taken);
        return taken;
    }

    /** Returns what came in and forgets it, the newest first; what comes in between is left for the next time. */
    public List<Taken> taken() {
        MimeMessage[] all = server.getReceivedMessages();
        if (all.length == 0) {
            return List.of();
        }
        List<Taken> taken = letters();
        if (server.getReceivedMessages().length == taken.size()) {
            forget();
        }
        return taken;
    }

    /** Forgets all of them. */
    public void forget() {
        try {
            server.purgeEmailFromAllMailboxes();
        } catch (FolderException e) {
            throw new IllegalStateException("a stand-in's folder cannot be emptied", e);
        }
    }

    private static Taken taken(MimeMessage m) {
        try {
            StringBuilder text = new StringBuilder();
            List<File> files = new ArrayList<>();
            read(m, text, files);
            return new Taken(
                    m.getMessageID(),
                    m.getFrom()[0].toString(),
                    m.getReplyTo()[0].toString(),
                    m.getAllRecipients()[0].toString(),
                    m.getSubject(),
                    text.toString(),
                    m.getSentDate().toInstant(),
                    files);
        } catch (MessagingException unreadable) {
            throw new IllegalArgumentException("a letter cannot be read", unreadable);
        } catch (IOException e) {
            throw new UncheckedIOException("a letter cannot be read", e);
        }
    }

    private static void read(Part part, StringBuilder text, List<File> files) throws MessagingException, IOException {
        if (part.getContent() instanceof Multipart many) {
            for (int i = 0; i < many.getCount(); i++) {
                BodyPart one = many.getBodyPart(i);
                read(one, text, files);
            }
        } else if (part.getFileName() != null) {
            files.add(new File(
                    part.getFileName(),
                    part.getContentType().split(";")[0],
                    part.getInputStream().readAllBytes()));
        } else {
            text.append(part.getContent());
        }
    }

    @Override
    public void close() {
        server.stop();
    }
}
