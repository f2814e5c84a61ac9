package scree.app;

import io.micrometer.core.instrument.simple.SimpleMeterRegistry;
import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import org.junit.jupiter.api.parallel.ResourceLock;
import org.springframework.boot.test.context.TestConfiguration;
import org.springframework.boot.webmvc.test.autoconfigure.WebMvcTest;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.ComponentScan.Filter;
import org.springframework.context.annotation.FilterType;
import org.springframework.context.annotation.Import;
import org.springframework.context.annotation.Primary;
import org.springframework.test.context.bean.override.mockito.MockitoBean;
import scree.app.base.BaseSettings;
import scree.app.base.Bases;
import scree.app.base.NeckBridges;
import scree.app.base.Sights;
import scree.app.base.StripeTests;
import scree.app.base.Tones;
import scree.app.bin.Bin;
import scree.app.card.CardPdf;
import scree.app.card.Cards;
import scree.app.chair.Chairs;
import scree.app.client.Clients;
import scree.app.colour.Colours;
import scree.app.correct.CorrectLines;
import scree.app.correct.CorrectedPictures;
import scree.app.correct.Corrections;
import scree.app.event.Events;
import scree.app.face.FaceSearches;
import scree.app.face.Faces;
import scree.app.face.FirstLooks;
import scree.app.gaps.Gaps;
import scree.app.gaps.ShownMarks;
import scree.app.handover.Handovers;
import scree.app.homelink.HomeLinks;
import scree.app.kit.Catalogue;
import scree.app.kit.DryDowns;
import scree.app.kit.Formulas;
import scree.app.kit.Kit;
import scree.app.kit.KitChanges;
import scree.app.kit.KitImports;
import scree.app.kit.KitShelf;
import scree.app.look.HtmlPdf;
import scree.app.mail.Outbox;
import scree.app.mail.PostOffice;
import scree.app.memory.Memories;
import scree.app.meter.Meters;
import scree.app.method.Methods;
import scree.app.method.TrialFaces;
import scree.app.mix.MixBench;
import scree.app.mix.Seasons;
import scree.app.mix.TestMixes;
import scree.app.order.Orders;
import scree.app.passkey.Passkeys;
import scree.app.passkey.RelyingParties;
import scree.app.people.FirstRun;
import scree.app.people.InvitingLetters;
import scree.app.people.People;
import scree.app.picture.PictureGate;
import scree.app.picture.Pictures;
import scree.app.place.FaceCharts;
import scree.app.place.Placements;
import scree.app.place.Previews;
import scree.app.practice.Practice;
import scree.app.privacy.Audit;
import scree.app.privacy.ClientFiles;
import scree.app.privacy.Consents;
import scree.app.privacy.Erasures;
import scree.app.privacy.KeepingRule;
import scree.app.proof.Proofs;
import scree.app.remote.RemoteLinks;
import scree.app.reply.Replies;
import scree.app.sheet.SheetPdf;
import scree.app.sheet.Sheets;
import scree.app.sitting.Cairns;
import scree.app.sitting.Sittings;
import scree.app.skin.PracticeCamera;
import scree.app.skin.Readings;
import scree.app.skin.Touches;
import scree.app.studio.Accounts;
import scree.app.studio.Customs;
import scree.app.studio.SecurityConfig;
import scree.app.studio.SignIns;
import scree.app.studio.StillLoading;
import scree.app.studio.StudioTime;
import scree.app.timetable.Calendars;
import scree.app.timetable.CallSheet;
import scree.app.timetable.DayPages;
import scree.app.timetable.DayWork;
import scree.app.timetable.TakenDays;
import scree.app.timetable.Timetables;
import scree.app.web.Once;
import scree.app.web.Origin;

/**
 * All pages before services that are mocked, at a time that stands still. One context serves every test class that bears this: a
 * context takes ten seconds, so a class adds no bean and no mock of its own, it asks for the mocks that it needs, one class
 * after the other.
 */
@Target(ElementType.TYPE)
@Retention(RetentionPolicy.RUNTIME)
@ResourceLock("mocks")
@WebMvcTest(
        includeFilters =
                @Filter(
                        type = FilterType.REGEX,
                        pattern =
                                "scree\\.app\\.(.*Words|.*Contents|people\\.Passwords|kit\\.(KitFiles|KitJson|KitCgats|KitCsv|StockTaking|Products|ProductColour))"))
@Import({
    FaceCharts.class,
    SecurityConfig.class,
    Gaps.class,
    Sights.class,
    Tones.class,
    SheetPdf.class,
    WebTest.StoppedClock.class
})
@MockitoBean(
        types = {
            Accounts.class,
            Audit.class,
            BaseSettings.class,
            Bases.class,
            Bin.class,
            Cairns.class,
            Calendars.class,
            CallSheet.class,
            CardPdf.class,
            Cards.class,
            Catalogue.class,
            Chairs.class,
            Clients.class,
            ClientFiles.class,
            Colours.class,
            Consents.class,
            CorrectedPictures.class,
            CorrectLines.class,
            Corrections.class,
            DayPages.class,
            DayWork.class,
            DryDowns.class,
            Events.class,
            Erasures.class,
            Faces.class,
            FaceSearches.class,
            FirstRun.class,
            FirstLooks.class,
            Formulas.class,
            Handovers.class,
            HomeLinks.class,
            HtmlPdf.class,
            Kit.class,
            KitChanges.class,
            KitImports.class,
            KitShelf.class,
            Meters.class,
            MixBench.class,
            NeckBridges.class,
            Once.class,
            Orders.class,
            Origin.class,
            Outbox.class,
            People.class,
            PictureGate.class,
            Pictures.class,
            Placements.class,
            PostOffice.class,
            Practice.class,
            PracticeCamera.class,
            Previews.class,
            Proofs.class,
            Readings.class,
            RemoteLinks.class,
            KeepingRule.class,
            Replies.class,
            Seasons.class,
            Sheets.class,
            ShownMarks.class,
            SignIns.class,
            Sittings.class,
            StillLoading.class,
            StripeTests.class,
            TakenDays.class,
            TestMixes.class,
            TrialFaces.class,
            Passkeys.class,
            InvitingLetters.class,
            Customs.class,
            RelyingParties.class,
            Methods.class,
            Timetables.class,
            Touches.class
        })
public @interface WebTest {
    /** Morning of a summer's day, where the studio is too. */
    Instant NOW = Instant.parse("2026-06-20T07:00:00Z");

    @TestConfiguration
    class StoppedClock {
        @Bean
        @Primary
        Clock stopped() {
            return Clock.fixed(NOW, ZoneOffset.UTC);
        }

        /** In the east of the server: a page that forgets the studio's zone shows yesterday's evening. */
        @Bean
        StudioTime time(Clock stopped) {
            return new StudioTime(stopped, studio -> "Europe/Oslo");
        }

        @Bean
        Memories memories() {
            return new Memories(new SimpleMeterRegistry());
        }
    }
}
