import { describe, expect, it } from 'vitest';
import { lockIssues, readAudit, readLock } from '../../scripts/system/dependencies';

const HASH = 'sha512-AAAA';

describe('what the application is built of', () => {
  it('is pinned by its content, from the registry, and runs nothing at installation that nobody looked at', () => {
    expect(lockIssues(readLock())).toEqual([]);
  });

  it('is found wanting where it is not', () => {
    const packages = {
      '': {},
      'node_modules/fine': { integrity: HASH, resolved: 'https://registry.npmjs.org/fine/-/fine-1.tgz' },
      'node_modules/bare': {},
      'node_modules/weak': { integrity: 'sha1-AAAA' },
      'node_modules/away': { integrity: HASH, resolved: 'git+ssh://elsewhere.example/away' },
      'node_modules/busy': { integrity: HASH, hasInstallScript: true },
      'node_modules/outer/node_modules/inner': { inBundle: true },
    };
    expect(lockIssues({ packages })).toEqual([
      'node_modules/bare has no hash',
      'node_modules/weak has no hash',
      'node_modules/away comes from git+ssh://elsewhere.example/away',
      'node_modules/busy runs something at installation',
    ]);
  });

  it('is asked about at the registry, whose silence is no all-clear', () => {
    const report = { vulnerabilities: { leaky: { severity: 'high' }, dull: { severity: 'low' } } };
    expect(readAudit(JSON.stringify(report))).toEqual({ grave: ['leaky'] });
    expect(readAudit('{"vulnerabilities":{}}')).toEqual({ grave: [] });
    expect(readAudit('{"message":"405 Method Not Allowed","statusCode":405}')).toBeUndefined();
    expect(readAudit('')).toBeUndefined();
  });
});
