package jomble.server.account;

import java.time.Clock;
import java.util.UUID;
import jomble.server.studio.Ids;
import jomble.server.studio.Studio;
import jomble.server.studio.StudioRepository;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnExpression;
import org.springframework.stereotype.Component;

/** Creates the studio and its first account in an empty database, from {@code JOMBLE_OWNER=address:password}. */
@Component
@ConditionalOnExpression("!'${jomble.owner:}'.isBlank()")
class FirstOwner implements ApplicationRunner {
    private final StudioRepository studios;
    private final AccountService accounts;
    private final Clock clock;
    private final String owner;

    FirstOwner(StudioRepository studios, AccountService accounts, Clock clock, @Value("${jomble.owner}") String owner) {
        this.studios = studios;
        this.accounts = accounts;
        this.clock = clock;
        this.owner = owner;
    }

    @Override
    public void run(ApplicationArguments arguments) {
        if (studios.count() == 0) {
            UUID id = Ids.next();
            studios.save(new Studio(id, "My studio", "EUR", clock.instant()));
            int colon = owner.indexOf(':');
            accounts.createAccount(id, owner.substring(0, colon), owner.substring(colon + 1), "Owner");
        }
    }
}
