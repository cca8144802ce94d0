package jomble.server.account;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Clock;
import java.util.HexFormat;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import jomble.server.studio.Ids;
import jomble.server.studio.Studio;
import jomble.server.studio.StudioMember;
import jomble.server.studio.StudioRepository;
import jomble.server.studio.Write;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Checks passwords and tokens, and creates both. */
@Service
public class AccountService {
    private final AccountRepository accounts;
    private final ApiTokenRepository tokens;
    private final StudioRepository studios;
    private final KnownAddresses addresses;
    private final PasswordEncoder encoder;
    private final Clock clock;
    private final String noSuchAccount;

    AccountService(
            AccountRepository accounts,
            ApiTokenRepository tokens,
            StudioRepository studios,
            KnownAddresses addresses,
            PasswordEncoder encoder,
            Clock clock) {
        this.accounts = accounts;
        this.tokens = tokens;
        this.studios = studios;
        this.addresses = addresses;
        this.encoder = encoder;
        this.clock = clock;
        this.noSuchAccount = encoder.encode("nobody");
    }

    /**
     * The member, or empty; takes the same time whether or not the address exists.
     *
     * @param email case-folded
     */
    @Transactional(readOnly = true)
    public Optional<StudioMember> signIn(String email, String password) {
        Optional<Account> account = accounts.findByEmail(email);
        String hash = account.map(Account::passwordHash).orElse(noSuchAccount);
        boolean right = encoder.matches(password, hash);
        return account.filter(a -> right).map(a -> member(a.id(), a.version(), a.studioId(), a.name()));
    }

    /** The account's id, or null when there is none. */
    @Transactional(readOnly = true)
    public UUID idOf(String email) {
        return accounts.findByEmail(email).map(Account::id).orElse(null);
    }

    /** Whether the account was signed in to from the address within the last year. */
    @Transactional(readOnly = true)
    public boolean isKnown(String email, String address) {
        UUID id = idOf(email);
        return id != null && addresses.isKnown(id, address);
    }

    /** Notes that the account was signed in to from the address. */
    @Write
    public void know(UUID id, String address) {
        addresses.know(id, address);
    }

    @Transactional(readOnly = true)
    public Optional<StudioMember> bearer(String token) {
        return tokens.findByTokenHashAndRevokedAtIsNull(sha256(token))
                .map(t -> member(null, 0, t.studioId(), t.name()));
    }

    /** Creates the first studio and its account in one transaction, unless an account exists. */
    @Write
    void createFirstAccount(String email, String password) {
        if (accounts.count() == 0) {
            UUID id = Ids.next();
            studios.save(new Studio(id, "My studio", "EUR", clock.instant()));
            createAccount(id, email, password, "Owner");
        }
    }

    @Write
    public void createAccount(UUID studioId, String email, String password, String name) {
        accounts.save(new Account(Ids.next(), studioId, folded(email), encoder.encode(password), name));
    }

    @Write
    public void createToken(UUID studioId, String name, String token) {
        tokens.save(new ApiToken(Ids.next(), studioId, name, sha256(token)));
    }

    static String folded(String email) {
        return email.strip().toLowerCase(Locale.ROOT);
    }

    /** Whether a signed-in member's account still exists unchanged. */
    @Transactional(readOnly = true)
    boolean isStill(StudioMember member) {
        return accounts.findById(member.accountId())
                .filter(account -> account.version() == member.accountVersion())
                .isPresent();
    }

    private StudioMember member(UUID accountId, long version, UUID studioId, String name) {
        Studio studio = studios.findById(studioId).orElseThrow();
        return new StudioMember(accountId, version, studioId, name, studio.name(), studio.currency());
    }

    private static String sha256(String text) {
        try {
            MessageDigest digest = MessageDigest.getInstance("SHA-256");
            return HexFormat.of().formatHex(digest.digest(text.getBytes(StandardCharsets.UTF_8)));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }
}
