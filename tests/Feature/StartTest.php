<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\TestCase;

/** What the commands say when they cannot go on: one clear sentence, and a non-zero exit. */
final class StartTest extends TestCase
{
    private const ROOT = __DIR__.'/../..';

    public function test_a_port_in_use_is_told_with_a_way_out(): void
    {
        $taken = stream_socket_server('tcp://127.0.0.1:0');
        self::assertIsResource($taken);
        $port = (string) parse_url('tcp://'.stream_socket_get_name($taken, false), PHP_URL_PORT);
        $own = ['INSTANCE_NAME' => 'nowhere'];
        [$code, $said] = $this->bash('bin/start', ['PORT' => $port, ...$own]);
        self::assertSame(1, $code);
        self::assertStringContainsString("port {$port} is in use", $said);
        self::assertStringContainsString(' PORT=', $said);
        [$code, $said] = $this->bash('bin/start', ['PORT' => '1', 'DB_PORT' => $port, ...$own]);
        self::assertSame(1, $code);
        self::assertStringContainsString("port {$port}, meant for the database, is in use", $said);
        self::assertStringContainsString(' DB_PORT=', $said);
        [$code, $said] = $this->bash("bin/setup --name=nowhere --team=x --lead=a@b.example --port={$port}");
        self::assertSame([1, true], [$code, str_contains($said, '--port=')]);
        [$code, $said] = $this->bash('bin/setup --name=nowhere --team=x --port=1');
        self::assertSame([1, true], [$code, str_contains($said, '--lead is missing')]);
        self::assertDirectoryDoesNotExist(self::ROOT.'/var/nowhere');
        fclose($taken);
    }

    public function test_an_unknown_option_or_part_is_told(): void
    {
        self::assertSame(
            [1, "gray-compass: unknown option --quick; the only one is --fresh\n"],
            $this->bash('bin/start --quick'),
        );
        [$code, $said] = $this->bash('bin/test everything');
        self::assertSame(1, $code);
        self::assertStringContainsString('unknown part everything', $said);
    }

    public function test_a_missing_right_to_install_names_the_one_command(): void
    {
        $script = '. bin/lib/common.sh; id() { echo 1000; }; missing_packages() { echo "nginx-light serves pages"; '
            .'}; install_missing';
        [$code, $said] = $this->bash($script);
        self::assertSame(1, $code);
        self::assertStringContainsString('sudo apt-get install --no-install-recommends nginx-light', $said);
    }

    public function test_a_database_that_does_not_come_up_is_told_with_its_last_words(): void
    {
        $fake = sys_get_temp_dir().'/gc-fake-'.bin2hex(random_bytes(4));
        mkdir($fake);
        file_put_contents("{$fake}/mariadbd", "#!/bin/sh\necho no space left\nexit 1\n");
        chmod("{$fake}/mariadbd", 0755);
        $script = '. bin/lib/common.sh; . bin/lib/services.sh; use_instance broken 8199 33199; trap stop_services EXIT;'
            .' mkdir -p "$INSTANCE/db/mysql"; start_mariadb';
        [$code, $said] = $this->bash($script, ['PATH' => $fake.':'.getenv('PATH')]);
        unlink("{$fake}/mariadbd");
        rmdir($fake);
        self::assertSame(1, $code);
        self::assertStringContainsString('the database did not come up', $said);
        self::assertStringContainsString('no space left', $said);
        $this->bash('rm -rf var/broken var/keys/broken.key');
    }

    public function test_records_without_their_key_are_left_alone(): void
    {
        $script = 'mkdir -p var/keyless/db/mysql; rm -f var/keys/keyless.key; '
            .'. bin/lib/common.sh; . bin/lib/services.sh; use_instance keyless 8199 33199';
        [$code, $said] = $this->bash($script);
        self::assertSame(1, $code);
        self::assertStringContainsString('var/keys/keyless.key, is missing', $said);
        self::assertFileDoesNotExist(self::ROOT.'/var/keys/keyless.key');
        $this->bash('rm -rf var/keyless');
    }

    public function test_keys_and_passwords_are_readable_by_their_owner_alone(): void
    {
        $script = 'umask 022; . bin/lib/common.sh; . bin/lib/services.sh; use_instance fresh 8199 33199; '
            .'stat -c %a "$INSTANCE/secrets" "$KEY_FILE" "$INSTANCE/logs"; rm -rf "$SOCKETS"';
        [$code, $said] = $this->bash($script);
        self::assertSame([0, "600\n600\n700\n"], [$code, $said]);
        $this->bash('rm -rf var/fresh var/keys/fresh.key');
    }

    /**
     * @param  array<string, string>  $environment
     * @return array{int, string} exit code and all that was said
     */
    private function bash(string $script, array $environment = []): array
    {
        $process = proc_open(
            ['bash', '-c', $script],
            [['file', '/dev/null', 'r'], ['pipe', 'w'], ['redirect', 1]],
            $pipes,
            self::ROOT,
            ['PATH' => (string) getenv('PATH'), ...$environment],
        );
        self::assertIsResource($process);
        $said = (string) stream_get_contents($pipes[1]);

        return [proc_close($process), $said];
    }
}
