package jomble.server.backup;

/** Why an archive is not written or not read, in one sentence for whoever asked for it. */
public final class BackupException extends Exception {
    private static final long serialVersionUID = 1;

    BackupException(String sentence) {
        super(sentence);
    }

    BackupException(String sentence, Throwable cause) {
        super(sentence, cause);
    }
}
