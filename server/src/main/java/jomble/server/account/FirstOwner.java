package jomble.server.account;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnExpression;
import org.springframework.stereotype.Component;

/** Creates the studio and its first account, unless one exists, from a file with {@code address:password}. */
@Component
@ConditionalOnExpression("!'${jomble.owner-file:}'.isBlank()")
class FirstOwner implements ApplicationRunner {
    private final AccountService accounts;
    private final Path file;

    FirstOwner(AccountService accounts, @Value("${jomble.owner-file}") Path file) {
        this.accounts = accounts;
        this.file = file;
    }

    @Override
    public void run(ApplicationArguments arguments) throws IOException {
        String[] owner = Files.readString(file).strip().split(":", 2);
        if (owner.length < 2) {
            throw new IllegalStateException("address:password is expected in " + file);
        }
        accounts.createFirstAccount(owner[0], owner[1]);
    }
}
