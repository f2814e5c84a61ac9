package scree.app.mail;

import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Component;

/** Whether letters can leave the house. */
@Component
public class PostOffice {
    private final MailRoute route;
    private final ObjectProvider<StandInInbox> standIn;

    PostOffice(MailRoute route, ObjectProvider<StandInInbox> standIn) {
        this.route = route;
        this.standIn = standIn;
    }

    /** Returns whether a mail server is set up. */
    public boolean open() {
        return route.host() != null;
    }

    /** Returns whether it is a stand-in, whose inbox can be looked into. */
    public boolean standIn() {
        return standIn.getIfAvailable() != null;
    }
}
