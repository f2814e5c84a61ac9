package scree.app;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.virtualauthenticator.VirtualAuthenticator;
import org.openqa.selenium.virtualauthenticator.VirtualAuthenticatorOptions;

/** A key of one's own device is made, opens Scree without a password, and opens nothing once it is forgotten. */
class PasskeyJourneyIT extends SideLane {
    private VirtualAuthenticator device;

    @BeforeAll
    void aDeviceThatMakesKeys() {
        device = browser.addVirtualAuthenticator(new VirtualAuthenticatorOptions()
                .setProtocol(VirtualAuthenticatorOptions.Protocol.CTAP2)
                .setTransport(VirtualAuthenticatorOptions.Transport.INTERNAL)
                .setHasResidentKey(true)
                .setHasUserVerification(true)
                .setIsUserVerified(true));
    }

    @AfterAll
    void withoutIt() {
        browser.removeVirtualAuthenticator(device);
    }

    /** Browsers make keys for names. */
    @Override
    void go(String path) {
        browser.get("http://localhost:" + port + path);
    }

    @Test
    void aKeyIsMadeOpensAndIsForgotten() {
        go("/sign-in");
        browser.manage().deleteAllCookies();
        go("/sign-in");
        signIn("loose stones");
        until(() -> seen(".bar").contains("Runa Vestby"));
        go("/account");
        find("#passkey-label").clear();
        find("#passkey-label").sendKeys("Runa’s tablet");
        click("#passkey-add");
        until(() -> seen(".passkeys").contains("Runa’s tablet"));
        assertAccessible("account with a passkey");
        assertThat(device.getCredentials()).hasSize(1);

        click(".bar form button");
        until(() -> seen("h1").equals("Scree"));
        go("/clients");
        arrives("/sign-in");
        click("#passkey-in");
        arrives("/clients");
        assertThat(seen(".bar")).contains("Runa Vestby");

        device.setUserVerified(false);
        click(".bar form button");
        until(() -> seen("h1").equals("Scree"));
        click("#passkey-in");
        until(() -> seen("#passkey-said").contains("No key opened"));
        device.setUserVerified(true);

        signIn("loose stones");
        until(() -> seen(".bar").contains("Runa Vestby"));
        go("/account");
        click(".passkeys button");
        until(() -> !seen("main").contains("Runa’s tablet"));
        click(".bar form button");
        until(() -> seen("h1").equals("Scree"));
        click("#passkey-in");
        until(() -> seen("#passkey-said").contains("No key opened"));
    }
}
