package scree.app.mail;

import jakarta.mail.AuthenticationFailedException;
import jakarta.mail.MessagingException;
import jakarta.mail.SendFailedException;
import jakarta.mail.internet.AddressException;
import jakarta.mail.internet.InternetAddress;
import jakarta.mail.internet.MimeMessage;
import java.io.UnsupportedEncodingException;
import java.net.ConnectException;
import java.net.SocketTimeoutException;
import java.net.UnknownHostException;
import java.util.Optional;
import org.eclipse.angus.mail.smtp.SMTPAddressFailedException;
import org.eclipse.angus.mail.util.MailConnectException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.io.ByteArrayResource;
import org.springframework.dao.DataAccessException;
import org.springframework.mail.MailException;
import org.springframework.mail.MailSendException;
import org.springframework.mail.javamail.JavaMailSenderImpl;
import org.springframework.mail.javamail.MimeMessageHelper;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import scree.app.studio.StudioId;

/** Carries letters from the outbox to the mail server, one after the other. */
@Component
class Postman {
    private static final Logger LOG = LoggerFactory.getLogger(Postman.class);
    /** Letters a round and studio, so that one full outbox does not keep the others waiting. */
    private static final int A_ROUND = 20;

    private static final int PERMANENT = 500;
    private static final String ENCLOSED = "take-home.pdf";

    private final Outbox outbox;
    private final MailRoute route;
    private final Optional<JavaMailSenderImpl> sender;

    Postman(Outbox outbox, MailRoute route) {
        this.outbox = outbox;
        this.route = route;
        this.sender = route.sender();
    }

    /** Carries what is due, studio by studio. */
    @Scheduled(initialDelayString = "${scree.mail.first:PT10S}", fixedDelayString = "${scree.mail.every:PT3S}")
    void round() {
        if (sender.isEmpty()) {
            return;
        }
        try {
            outbox.due().forEach(this::carry);
        } catch (DataAccessException away) {
            LOG.warn("letters were put off: {}", away.getMessage());
        }
    }

    /** Carries what is due of one studio. After a try in vain the rest waits for the next round, unless it was only the address. */
    void carry(StudioId studio) {
        for (int i = 0; i < A_ROUND; i++) {
            Optional<Outbox.Carried> letter = outbox.next(studio);
            if (letter.isEmpty()) {
                return;
            }
            Optional<Letter.Trouble> trouble = send(studio, letter.get());
            if (trouble.isEmpty()) {
                outbox.delivered(studio, letter.get().id());
            } else {
                LOG.warn(
                        "letter {} of studio {} was not delivered: {}",
                        letter.get().id(),
                        studio.value(),
                        trouble.get());
                outbox.failed(studio, letter.get(), trouble.get());
                if (trouble.get() != Letter.Trouble.ADDRESS) {
                    return;
                }
            }
        }
    }

    /** Returns what kept it from being delivered, empty when the server took it. */
    private Optional<Letter.Trouble> send(StudioId studio, Outbox.Carried letter) {
        try {
            sender.get().send(message(studio, letter));
            return Optional.empty();
        } catch (AddressException none) {
            return Optional.of(Letter.Trouble.ADDRESS);
        } catch (MailSendException refused) {
            Throwable cause = refused.getFailedMessages().values().stream()
                    .findFirst()
                    .map(Throwable.class::cast)
                    .orElse(refused);
            return Optional.of(trouble(cause));
        } catch (MailException | MessagingException | UnsupportedEncodingException other) {
            return Optional.of(trouble(other));
        } catch (RuntimeException unforeseen) { // whatever it is, the letter stays and is told of
            LOG.error("letter {} of studio {} cannot be sent", letter.id(), studio.value(), unforeseen);
            return Optional.of(Letter.Trouble.REFUSED);
        }
    }

    /** Its number is the same however often it is tried, so that a server that took it twice can tell. */
    private MimeMessage message(StudioId studio, Outbox.Carried letter)
            throws MessagingException, UnsupportedEncodingException {
        MimeMessage message = new Numbered(sender.get(), "<" + studio.value() + "." + letter.id() + "@letters.scree>");
        MimeMessageHelper helper = new MimeMessageHelper(message, letter.pdf() != null, "UTF-8");
        helper.setFrom(new InternetAddress(route.from(), letter.studioName(), "UTF-8"));
        helper.setReplyTo(new InternetAddress(letter.artistEmail(), letter.artistName(), "UTF-8"));
        InternetAddress to = new InternetAddress(letter.toAddress(), true);
        to.setPersonal(letter.toName(), "UTF-8");
        helper.setTo(to);
        helper.setSubject(letter.subject());
        helper.setText(letter.body());
        if (letter.pdf() != null) {
            helper.addAttachment(ENCLOSED, new ByteArrayResource(letter.pdf()), "application/pdf");
        }
        return message;
    }

    /** A message whose number is not made anew when it is sent. */
    private static final class Numbered extends MimeMessage {
        private final String number;

        Numbered(JavaMailSenderImpl sender, String number) {
            super(sender.getSession());
            this.number = number;
        }

        @Override
        protected void updateMessageID() throws MessagingException {
            setHeader("Message-ID", number);
        }
    }

    private static Letter.Trouble trouble(Throwable told) {
        for (Throwable t = told; t != null; t = next(t)) {
            if (t instanceof SMTPAddressFailedException address) {
                return address.getReturnCode() >= PERMANENT ? Letter.Trouble.ADDRESS : Letter.Trouble.REFUSED;
            }
            if (t instanceof SocketTimeoutException) {
                return Letter.Trouble.SLOW;
            }
            if (t instanceof AuthenticationFailedException
                    || t instanceof org.springframework.mail.MailAuthenticationException) {
                return Letter.Trouble.SIGN_IN;
            }
            if (t instanceof MailConnectException
                    || t instanceof ConnectException
                    || t instanceof UnknownHostException) {
                return t.getCause() instanceof SocketTimeoutException ? Letter.Trouble.SLOW : Letter.Trouble.AWAY;
            }
        }
        return Letter.Trouble.REFUSED;
    }

    /** The mail library chains what happened beside the causes. */
    private static Throwable next(Throwable t) {
        if (t instanceof SendFailedException sent && sent.getNextException() != null) {
            return sent.getNextException();
        }
        if (t instanceof MessagingException m && m.getNextException() != null) {
            return m.getNextException();
        }
        return t.getCause();
    }
}
