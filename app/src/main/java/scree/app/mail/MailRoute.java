package scree.app.mail;

import java.util.Optional;
import java.util.Properties;
import org.springframework.mail.javamail.JavaMailSenderImpl;

/**
 * How letters leave the house.
 *
 * @param host null where no mail server is set up
 * @param user null where none is asked
 * @param from the address that letters come from
 * @param starttls whether the way there is ciphered; anything but a server on this machine should be
 * @param seconds that the server has for each of its answers
 */
record MailRoute(String host, int port, String user, String password, String from, boolean starttls, int seconds) {
    private static final int MILLIS = 1000;

    /** Returns a sender, empty where no server is set up. */
    Optional<JavaMailSenderImpl> sender() {
        if (host == null) {
            return Optional.empty();
        }
        JavaMailSenderImpl sender = new JavaMailSenderImpl();
        sender.setHost(host);
        sender.setPort(port);
        sender.setUsername(user);
        sender.setPassword(password);
        sender.setDefaultEncoding("UTF-8");
        Properties more = sender.getJavaMailProperties();
        String millis = String.valueOf(seconds * MILLIS);
        more.put("mail.smtp.connectiontimeout", millis);
        more.put("mail.smtp.timeout", millis);
        more.put("mail.smtp.writetimeout", millis);
        more.put("mail.smtp.auth", String.valueOf(user != null));
        more.put("mail.smtp.starttls.enable", String.valueOf(starttls));
        more.put("mail.smtp.starttls.required", String.valueOf(starttls));
        more.put("mail.smtp.ssl.checkserveridentity", "true");
        return Optional.of(sender);
    }
}
