package scree.app.mail;

import org.springframework.beans.factory.ObjectProvider;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Which way letters go: by the server that is set up, else to the stand-in, else nowhere. */
@Configuration
class MailConfig {
    /** For each answer of the server. House choice: slow ones are tried again later. */
    private static final int SECONDS = 10;

    @Bean
    MailRoute route(
            @Value("${scree.mail.host}") String host,
            @Value("${scree.mail.port}") int port,
            @Value("${scree.mail.user}") String user,
            @Value("${scree.mail.password}") String password,
            @Value("${scree.mail.from}") String from,
            @Value("${scree.mail.starttls}") boolean starttls,
            ObjectProvider<StandInInbox> standIn) {
        if (!host.isBlank()) {
            String sender = from.isBlank() ? user : from;
            if (sender.isBlank()) {
                throw new IllegalStateException(
                        "SCREE_MAIL_FROM is needed beside SCREE_MAIL_HOST: the address letters come from");
            }
            return new MailRoute(host, port, user.isBlank() ? null : user, password, sender, starttls, SECONDS);
        }
        StandInInbox inbox = standIn.getIfAvailable();
        return inbox == null
                ? new MailRoute(null, 0, null, null, null, false, SECONDS)
                : new MailRoute("127.0.0.1", inbox.port(), null, null, "letters@scree.example", false, SECONDS);
    }
}
